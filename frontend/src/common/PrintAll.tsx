import "./print.scss";

import { keepPreviousData, useMutation, useQuery } from "@tanstack/react-query";
import { type ReactNode, useState } from "react";
import { Button, Modal, Spinner } from "react-bootstrap";

import { download, file, handOver, type AskedWith, type FilePath, type Schemas, words } from "../api/client";
import { say } from "../language/say";
import { Said } from "./Notices";

interface Props<P extends FilePath> {
  name: string;
  path: P;
  asked: AskedWith<P>;
  pages: (signal: AbortSignal) => Promise<Schemas["PagesOut"]>;
  /** What can be chosen of it. */
  children?: ReactNode;
  onClose: () => void;
}

/** Everything that can be printed as one document: its pages to look at, then kept or printed. */
export function PrintAll<P extends FilePath>({ name, path, asked, pages, children, onClose }: Props<P>) {
  const [large, setLarge] = useState<number>();
  const preview = useQuery({
    queryKey: ["preview", path, asked],
    queryFn: ({ signal }) => pages(signal),
    placeholderData: keepPreviousData,
    retry: false,
  });
  const opening = useMutation<Awaited<ReturnType<typeof file>>, Error, Window | null>({
    mutationFn: () => file(path, asked),
    onSuccess: ({ name: kept, content }, tab) => {
      const address = URL.createObjectURL(content);
      if (tab) tab.location.href = address;
      else handOver(kept, address);
    },
    onError: (_, tab) => tab?.close(),
  });
  const saving = useMutation({ mutationFn: () => download(path, asked) });
  const fault = preview.error ?? opening.error ?? saving.error;
  const found = preview.data;
  return (
    <Modal show onHide={onClose} size="xl" scrollable aria-labelledby="print-head">
      <Modal.Header closeButton>
        <Modal.Title id="print-head">{say("common-everything-of-on-paper", { name })}</Modal.Title>
      </Modal.Header>
      <Modal.Body>
        {children}
        {fault && <Said text={words(fault)} />}
        {preview.isFetching && (
          <p role="status">
            <Spinner size="sm" /> {say("common-laying-out-the-pages")}
          </p>
        )}
        {found && (
          <>
            <p className="quiet-text" role="status">
              {say("common-pages", { count: found.count })}
              {found.count > found.pictures.length &&
                say("common-the-first-pictured", { pictures: found.pictures.length })}
            </p>
            <ol className="pages">
              {found.pictures.map((picture, number) => (
                <li key={number} className={large === number ? "large" : undefined}>
                  <button
                    type="button"
                    aria-label={
                      large === number
                        ? say("common-page-smaller", { number: number + 1 })
                        : say("common-page-larger", { number: number + 1 })
                    }
                    onClick={() => setLarge(large === number ? undefined : number)}
                  >
                    <img src={`data:image/png;base64,${picture}`} alt="" />
                  </button>
                </li>
              ))}
            </ol>
          </>
        )}
      </Modal.Body>
      <Modal.Footer>
        <span className="me-auto quiet-text">{say("common-print-at-100-so-that")}</span>
        <Button variant="outline-primary" disabled={saving.isPending} onClick={() => saving.mutate()}>
          {say("common-keep-as-pdf")}
        </Button>
        <Button disabled={opening.isPending} onClick={() => opening.mutate(window.open(""))}>
          {say("common-open-to-print")}
        </Button>
      </Modal.Footer>
    </Modal>
  );
}
