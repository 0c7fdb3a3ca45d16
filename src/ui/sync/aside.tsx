import { WarningOutlined } from '@ant-design/icons';
import { Button, Popover, Typography } from 'antd';
import { useStore } from 'zustand';
import type { EditHead } from '../../core/editing.ts';
import { asideWhy, editWords } from '../../wording/edits.ts';
import type { SetAside } from './queue.ts';
import type { DocStore } from './store.ts';
import './aside.css';

/** Edits that could not be saved: each with its reason and its words, to be copied or put away. Nothing when there are none. */
export function Aside<D, E extends EditHead>({ store }: { store: DocStore<D, E> }) {
  const aside = useStore(store.store, (s) => s.aside);
  if (!aside.length) return null;
  return (
    <Popover
      trigger="click"
      placement="bottomLeft"
      title="These changes could not be saved. Everything else is."
      content={
        <ul className="aside" aria-label="Changes that could not be saved">
          {aside.map((a) => (
            <OneAside
              key={a.entry.id}
              aside={a}
              words={store.wordsOf(a.entry.edit)}
              onPutAway={() => store.putAway(a.entry.id)}
            />
          ))}
        </ul>
      }
    >
      <Button size="small" className="aside-open" icon={<WarningOutlined aria-hidden />}>
        {aside.length} set aside
      </Button>
    </Popover>
  );
}

function OneAside<E extends EditHead>({
  aside: { entry, refusal },
  words,
  onPutAway,
}: {
  aside: SetAside<E>;
  words: readonly string[];
  onPutAway: () => void;
}) {
  const name = editWords(entry.edit);
  return (
    <li>
      <strong>{name}</strong>
      <p>{asideWhy(refusal)}</p>
      {words.map((text) => (
        <Typography.Paragraph key={text} className="aside__words" copyable={{ text, tooltips: false }}>
          {text}
        </Typography.Paragraph>
      ))}
      <Button size="small" onClick={onPutAway} aria-label={`Put away: ${name}`}>
        Put away
      </Button>
    </li>
  );
}
