import { Modal } from "react-bootstrap";

import type { Act, Draft } from "../api/client";
import { Fr } from "../common/Fr";
import { SettingField } from "../common/SettingField";
import { set, shownOn } from "../common/settings";
import { LanguageField } from "../language/LanguageField";
import { say } from "../language/say";
import { UsualForNew } from "./UsualForNew";

interface Props {
  view: Draft;
  faults: { place: string; where: string; message: string }[];
  act: (acts: Act[]) => void;
  onClose: () => void;
}

/** How this quilter works where practitioners differ: each setting with its usual value and the reason for it. */
export function HowYouWork({ view, faults, act, onClose }: Props) {
  const shown = shownOn("work", view.sheet.settings);
  const headings = [...new Set(shown.map(([, setting]) => setting.under))];
  return (
    <Modal show onHide={onClose} size="lg" scrollable aria-labelledby="work-head" className="how-you-work">
      <Modal.Header closeButton>
        <Modal.Title id="work-head">{say("recipes-how-you-work")}</Modal.Title>
      </Modal.Header>
      <Modal.Body>
        <section>
          <h3>{say("common-language")}</h3>
          <LanguageField />
          <p>{say("common-language-is-for")}</p>
        </section>
        {headings.map((heading) => {
          const settings = shown.filter(([, setting]) => setting.under === heading);
          return (
            <section key={heading}>
              <h3>{heading}</h3>
              {settings.map(([name, setting]) => (
                <SettingField
                  key={name}
                  name={name}
                  setting={setting}
                  fault={faults.find((fault) => fault.place === name)?.message}
                  onKeep={(text) => {
                    act([set(name, text)]);
                  }}
                />
              ))}
              <p>
                <Fr>{settings.map(([, setting]) => setting.why).join(" ")}</Fr>
              </p>
            </section>
          );
        })}
      </Modal.Body>
      <Modal.Footer>
        <UsualForNew view={view} />
      </Modal.Footer>
    </Modal>
  );
}
