import "./paper.scss";

import { useMutation } from "@tanstack/react-query";
import { useEffect, useState } from "react";
import { Button, Spinner } from "react-bootstrap";

import { asItIs, client, type Schemas, settled } from "../api/client";
import { ShelvesTop } from "../common/ShelvesTop";
import { Said } from "../common/Notices";
import { say } from "../language/say";

import { SheetTicks } from "./SheetTicks";
import { photoAmong, usePhotoDropped } from "./usePaperDrop";

export type SheetPage = Schemas["SheetPageOut"];
type Pages = Schemas["SheetPagesOut"];
interface Asked {
  photo: File;
  code?: string;
  page?: number;
}

/** Paper that comes back: a photo or a scan of ticked sheets, read, shown beside what was read, told on yes. */
export function PaperPage() {
  const reading = useMutation({
    mutationFn: ({ photo, code, page }: Asked) =>
      settled<Pages>(
        client.POST("/api/sheets/read", {
          params: { query: { code, page } },
          ...asItIs(photo),
        }),
      ),
  });
  const { mutate } = reading;
  const dropped = usePhotoDropped();
  const [photo, setPhoto] = useState(dropped);
  const read = (one: File | undefined) => {
    if (!one) return;
    setPhoto(one);
    mutate({ photo: one });
  };
  useEffect(() => {
    document.title = say("table-yonk-from-paper");
    if (dropped) mutate({ photo: dropped });
  }, [mutate, dropped]);
  const pages = reading.data?.pages ?? [];
  return (
    <div
      className="paper-page"
      onDragOver={(event) => event.preventDefault()}
      onDrop={(event) => {
        event.preventDefault();
        read(photoAmong(event.dataTransfer));
      }}
    >
      <ShelvesTop />
      <main>
        <h1>{say("table-what-was-ticked-on-paper")}</h1>
        <p className="paper-how">{say("table-paper-how")}</p>
        <div className="paper-choose">
          <label className="btn btn-primary">
            {pages.length > 0 ? say("table-read-another") : say("table-choose-a-photo")}
            <input
              type="file"
              accept="image/jpeg,image/png,image/webp,application/pdf"
              onChange={(event) => read(event.target.files?.[0])}
            />
          </label>
          <label className="btn btn-outline-primary by-phone">
            {say("table-take-a-photo")}
            <input
              type="file"
              accept="image/*"
              capture="environment"
              onChange={(event) => read(event.target.files?.[0])}
            />
          </label>
        </div>
        {reading.isPending && (
          <p role="status">
            <Spinner size="sm" /> {say("table-reading-the-page")}
          </p>
        )}
        {reading.error && <Said text={reading.error.message} onClose={() => reading.reset()} />}
        {!reading.isPending &&
          pages.map((page, place) => (
            <section key={`${page.code} ${page.page} ${place}`} className="sheet-read">
              {page.fault ? (
                <Unread
                  page={page}
                  onTyped={(code, number) => photo && mutate({ photo, code, page: Math.max(1, number - place) })}
                />
              ) : (
                <SheetTicks page={page} />
              )}
            </section>
          ))}
      </main>
    </div>
  );
}

/** A page that could not be read: why, and the letters of its code to be typed where only that is missing. */
function Unread({ page, onTyped }: { page: SheetPage; onTyped: (code: string, page: number) => void }) {
  const [code, setCode] = useState("");
  const [number, setNumber] = useState("1");
  return (
    <>
      <Said text={page.fault} />
      {page.picture && (
        <form
          className="typed-code"
          onSubmit={(event) => {
            event.preventDefault();
            onTyped(code, Number(number) || 1);
          }}
        >
          <label>
            {say("table-letters-beside-the-code")}{" "}
            <input value={code} maxLength={40} size={16} onChange={(event) => setCode(event.target.value)} />
          </label>
          <label>
            {say("table-page-number")}{" "}
            <input
              value={number}
              inputMode="numeric"
              maxLength={3}
              size={3}
              onChange={(event) => setNumber(event.target.value)}
            />
          </label>
          <Button type="submit" size="sm" variant="outline-primary" disabled={!code.trim()}>
            {say("table-read-it-so")}
          </Button>
          <img src={`data:image/jpeg;base64,${page.picture}`} alt={say("table-the-page-as-it-was-read")} />
        </form>
      )}
    </>
  );
}
