import {
  CheckOutlined,
  EllipsisOutlined,
  RedoOutlined,
  UndoOutlined,
  WarningOutlined,
} from '@ant-design/icons';
import { Button, Tooltip } from 'antd';
import { useStore } from 'zustand';
import type { EditHead } from '../../core/editing.ts';
import { editWords } from '../../wording/edits.ts';
import type { SaveState } from './queue.ts';
import type { Step } from './steps.ts';
import type { DocStore } from './store.ts';
import './state.css';

const SAVE: Record<SaveState['kind'], { text: string; Icon: typeof CheckOutlined }> = {
  saved: { text: 'Saved', Icon: CheckOutlined },
  saving: { text: 'Saving', Icon: EllipsisOutlined },
  waiting: { text: 'Not saved yet', Icon: WarningOutlined },
};

/** Whether everything is saved, and if not why. */
export function Saved<D, E extends EditHead>({ store }: { store: DocStore<D, E> }) {
  const save = useStore(store.store, (s) => s.save);
  const { text, Icon } = SAVE[save.kind];
  return (
    <Tooltip title={save.kind === 'waiting' ? save.message : 'Every change is saved by itself'}>
      <output className={`saved saved--${save.kind}`}>
        <Icon aria-hidden /> {text}
      </output>
    </Tooltip>
  );
}

/** Undo and redo, with what they would undo and redo. */
export function StepButtons<D, E extends EditHead>({ store }: { store: DocStore<D, E> }) {
  const undo = useStore(store.store, (s) => s.undo.at(-1));
  const redo = useStore(store.store, (s) => s.redo.at(-1));
  return (
    <>
      <StepButton step={undo} label="Undo" icon={<UndoOutlined aria-hidden />} onClick={() => store.undo()} />
      <StepButton step={redo} label="Redo" icon={<RedoOutlined aria-hidden />} onClick={() => store.redo()} />
    </>
  );
}

function StepButton<E extends EditHead>({
  step,
  label,
  icon,
  onClick,
}: {
  step: Step<E> | undefined;
  label: 'Undo' | 'Redo';
  icon: React.ReactNode;
  onClick: () => void;
}) {
  const what = step ? `${label}: ${editWords(step.edit)}` : label;
  return (
    <Tooltip title={step ? what : `Nothing to ${label.toLowerCase()}`}>
      <Button aria-label={what} icon={icon} disabled={!step} onClick={onClick} />
    </Tooltip>
  );
}
