import { createContext, type ReactNode, useContext } from "react";

import { Help } from "../common/Help";
import { Said } from "../common/Notices";
import type { Quilt } from "./useQuilt";

/** In which row something was changed last, and what is wrong with it, to be said there. */
export interface Tried {
  row: string | undefined;
  fault: string;
  onTried: (row: string) => void;
  onDismiss: () => void;
}

export const LastTried = createContext<Tried | undefined>(undefined);

/** A row of the panel: what it is about, its fields, what is wrong with what was typed in it. */
export function Row({ name, word, children }: { name: string; word?: string; children: ReactNode }) {
  const tried = useContext(LastTried);
  return (
    <div className="setting-row" role="group" aria-label={name} onChange={() => tried?.onTried(name)}>
      <span>
        {name} {word && <Help word={word} />}
      </span>
      <div>{children}</div>
      {tried?.row === name && tried.fault && <Said text={tried.fault} onClose={tried.onDismiss} />}
    </div>
  );
}

interface FabricProps {
  label: string;
  value: string;
  none?: string | undefined;
  view: Quilt;
  onChange: (fabric: string) => void;
}

/** One of the fabrics of the quilt. */
export function Fabric({ label, value, none, view, onChange }: FabricProps) {
  return (
    <select aria-label={label} value={value} onChange={(event) => onChange(event.target.value)}>
      {none !== undefined && <option value="">{none}</option>}
      {view.fabrics.map((one) => (
        <option key={one.key} value={one.key}>
          {one.name}
        </option>
      ))}
    </select>
  );
}

interface EitherProps {
  label?: string;
  fabric: string;
  block: string;
  none?: string;
  plain?: string;
  pieced?: string;
  view: Quilt;
  onFabric: (fabric: string) => void;
  onBlock: (block: string) => void;
}

/** What is either of one fabric or made of a block. */
export function FabricOrBlock({ label, fabric, block, none, plain, pieced, view, onFabric, onBlock }: EitherProps) {
  const named = (words: string | undefined, name: string) => (words ? `${words} ${name}` : name);
  return (
    <select
      aria-label={label}
      value={block ? `b ${block}` : `f ${fabric}`}
      onChange={(event) => {
        const { value } = event.target;
        if (value.startsWith("b ")) onBlock(value.slice(2));
        else onFabric(value.slice(2));
      }}
    >
      {none !== undefined && <option value="f ">{none}</option>}
      {view.blocks.map((one) => (
        <option key={one.key} value={`b ${one.key}`}>
          {named(pieced, one.name)}
        </option>
      ))}
      {view.fabrics.map((one) => (
        <option key={one.key} value={`f ${one.key}`}>
          {named(plain, one.name)}
        </option>
      ))}
    </select>
  );
}
