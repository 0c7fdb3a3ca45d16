import { WarningOutlined } from '@ant-design/icons';
import { Button, Popover, Typography } from 'antd';
import { asideWords } from '../../wording/edits.ts';
import { usePiece, usePieceState } from './context.ts';
import type { SetAside } from './sync/queue.ts';
import './aside.css';

/** Edits that could not be saved: each with its reason and its words, to be copied or put away. Nothing when there are none. */
export function Aside() {
  const aside = usePieceState((s) => s.aside);
  if (!aside.length) return null;
  return (
    <Popover
      trigger="click"
      placement="bottomLeft"
      title="These changes could not be saved. Everything else is."
      content={
        <ul className="aside" aria-label="Changes that could not be saved">
          {aside.map((a) => (
            <OneAside key={a.entry.id} aside={a} />
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

function OneAside({ aside: { entry, refusal } }: { aside: SetAside }) {
  const { store } = usePiece();
  const { name, why, words } = asideWords(entry, refusal);
  return (
    <li>
      <strong>{name}</strong>
      <p>{why}</p>
      {words.map((text) => (
        <Typography.Paragraph key={text} className="aside__words" copyable={{ text, tooltips: false }}>
          {text}
        </Typography.Paragraph>
      ))}
      <Button size="small" onClick={() => store.putAway(entry.id)} aria-label={`Put away: ${name}`}>
        Put away
      </Button>
    </li>
  );
}
