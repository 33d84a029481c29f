import { useMutation } from "@tanstack/react-query";
import { useEffect, useMemo, useState } from "react";

import { client, type Draft, type Schemas, settled } from "../api/client";
import { layUnder, pictureUnder, type UnderPicture } from "./underPicture";

export type SeenSeam = Schemas["SeenSeamOut"];

/** The picture under a block's paper, and the seams that are seen in it and offered. */
export function useUnderPicture(id: string, view: Draft) {
  const [picture, setPicture] = useState<UnderPicture>();
  const [seams, setSeams] = useState<SeenSeam[]>([]);
  useEffect(() => {
    void pictureUnder(id).then(setPicture);
  }, [id]);
  const jpeg = picture?.jpeg;
  const address = useMemo(() => jpeg && URL.createObjectURL(jpeg), [jpeg]);
  useEffect(() => {
    if (!address) return;
    return () => {
      URL.revokeObjectURL(address);
    };
  }, [address]);
  const finding = useMutation({
    mutationFn: async (parts: number) =>
      settled<SeenSeam[]>(
        client.POST("/api/picture/seams", {
          body: { document: view.document, parts, picture: jpeg ? await base64(jpeg) : "" },
        }),
      ),
    onSuccess: setSeams,
  });
  const lay = (next: UnderPicture | undefined) => {
    setPicture(next);
    setSeams([]);
    finding.reset();
    void layUnder(id, next);
  };
  return {
    address,
    cloth: picture?.cloth ?? 1,
    seams,
    finding,
    lay: (straight: Blob) => lay({ jpeg: straight, cloth: 0.45 }),
    takeAway: () => lay(undefined),
    fade: (cloth: number) => {
      if (!picture) return;
      setPicture({ ...picture, cloth });
      void layUnder(id, { ...picture, cloth });
    },
    leave: (some: SeenSeam[]) => setSeams(seams.filter((one) => !some.includes(one))),
  };
}

export type UnderPaper = ReturnType<typeof useUnderPicture>;

async function base64(blob: Blob): Promise<string> {
  const address = await new Promise<string>((done, failed) => {
    const reader = new FileReader();
    reader.onload = () => done(reader.result as string);
    reader.onerror = () => failed(new Error(reader.error?.message));
    reader.readAsDataURL(blob);
  });
  return address.slice(address.indexOf(",") + 1);
}
