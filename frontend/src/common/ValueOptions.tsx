import { say } from "../language/say";

/** How dark a fabric is called, to choose from. */
export function ValueOptions() {
  return (
    <>
      <option value="light">{say("common-light")}</option>
      <option value="medium">{say("common-medium")}</option>
      <option value="dark">{say("common-dark")}</option>
    </>
  );
}
