import { say } from "../language/say";

/** What the cloth of a list costs, where prices are told. */
export function Costs({ costs }: { costs: string[] }) {
  if (!costs.length) return null;
  return (
    <p className="costs">
      {say("common-the-cloth-costs")} <b>{costs.join("; ")}</b>
    </p>
  );
}
