import { useMutation } from "@tanstack/react-query";

import { client, type Schemas, settled } from "../api/client";
import { Said } from "../common/Notices";
import { say } from "../language/say";

type Phone = Schemas["PhoneOut"];

/** A square to be scanned that opens this page on a phone; where there is no network it says so. */
export function OnThePhone() {
  const asking = useMutation({
    mutationFn: () =>
      settled<Phone>(client.POST("/api/phone", { body: { path: `${window.location.pathname}?table=1` } })),
  });
  const phone = asking.data;
  return (
    <>
      <button type="button" onClick={() => (phone ? asking.reset() : asking.mutate())} aria-expanded={Boolean(phone)}>
        {say("table-on-the-phone")}
      </button>
      {asking.error && <Said text={asking.error.message} onClose={() => asking.reset()} />}
      {phone && (
        <section className="on-the-phone" aria-label={say("table-on-the-phone")}>
          <img src={phone.square} alt={say("table-square-of", { address: phone.address })} width={200} height={200} />
          <div>
            <p>{phone.alone ? say("table-alone") : say("table-scan-it")}</p>
            <p className="address">{phone.address}</p>
          </div>
        </section>
      )}
    </>
  );
}
