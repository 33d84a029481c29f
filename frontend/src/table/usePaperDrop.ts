import { useEffect } from "react";
import { useLocation, useNavigate } from "react-router";

/** A photo of a ticked sheet that is dropped anywhere on a page goes to the page that reads it. */
export function usePaperDrop() {
  const go = useNavigate();
  useEffect(() => {
    const over = (event: DragEvent) => {
      if (event.dataTransfer?.types.includes("Files")) event.preventDefault();
    };
    const dropped = (event: DragEvent) => {
      const photo = photoAmong(event.dataTransfer);
      if (!photo) return;
      event.preventDefault();
      void go("/paper", { state: { photo } });
    };
    window.addEventListener("dragover", over);
    window.addEventListener("drop", dropped);
    return () => {
      window.removeEventListener("dragover", over);
      window.removeEventListener("drop", dropped);
    };
  }, [go]);
}

/** The photo that was dropped on the page before, if one was. */
export function usePhotoDropped(): File | undefined {
  const state = useLocation().state as { photo?: File } | null;
  return state?.photo;
}

/** The photo or the scan among what was dropped, if there is one. */
export function photoAmong(dropped: DataTransfer | null): File | undefined {
  return [...(dropped?.files ?? [])].find((one) => one.type.startsWith("image/") || one.type === "application/pdf");
}
