'use client';

import { CloseOutlined, ReloadOutlined } from '@ant-design/icons';
import { Alert, Button, Progress } from 'antd';
import { IconButton } from './icon-button.tsx';
import type { useUploads } from './use-uploads.ts';
import './sending-list.css';

/** Files on their way, and those that did not arrive with what to do about it. */
export function SendingList({ uploads }: { uploads: ReturnType<typeof useUploads> }) {
  const { sending, again, forget } = uploads;
  const under = sending.filter((s) => !s.problem);
  const failed = sending.filter((s) => s.problem);
  return (
    <div className="sending" aria-live="polite">
      {under.length > 0 && (
        <>
          <p>{under.length} on the way</p>
          <ul>
            {under.slice(0, 6).map((s) => (
              <li key={s.id}>
                <span>{s.file.name}</span>
                <Progress
                  percent={Math.round(s.done * 100)}
                  size="small"
                  aria-label={`${s.file.name}: sent`}
                />
                <IconButton
                  label={`Do not send ${s.file.name}`}
                  icon={<CloseOutlined aria-hidden />}
                  onClick={() => forget(s.id)}
                />
              </li>
            ))}
          </ul>
        </>
      )}
      {failed.map((s) => (
        <Alert
          key={s.id}
          type="warning"
          showIcon
          title={`${s.file.name}: ${s.problem}`}
          action={
            <>
              {!s.refused && (
                <Button size="small" icon={<ReloadOutlined aria-hidden />} onClick={() => again(s)}>
                  Try again
                </Button>
              )}
              <IconButton
                label={`Forget ${s.file.name}`}
                icon={<CloseOutlined aria-hidden />}
                onClick={() => forget(s.id)}
              />
            </>
          }
        />
      ))}
    </div>
  );
}
