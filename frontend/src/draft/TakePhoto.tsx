import { say } from "../language/say";

interface Props {
  className: string;
  onPhoto: (photo: File) => void;
}

/** Chooses a picture to lie under the ruled paper. */
export function TakePhoto({ className, onPhoto }: Props) {
  return (
    <label className={`${className} take-file`}>
      {say("draft-a-picture-under")}
      <input
        type="file"
        accept="image/jpeg,image/png,image/webp"
        onChange={(event) => {
          const photo = event.target.files?.[0];
          event.target.value = "";
          if (photo) onPhoto(photo);
        }}
      />
    </label>
  );
}
