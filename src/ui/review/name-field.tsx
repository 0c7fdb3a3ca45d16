'use client';

import { Input } from 'antd';
import { LIMITS } from '../../core/piece/limits.ts';

/** Who says it; kept in the browser. */
export const NameField = ({ name, onName }: { name: string; onName: (name: string) => void }) => (
  <Input
    aria-label="Your name"
    placeholder="Your name"
    maxLength={LIMITS.nameLength}
    value={name}
    onChange={(e) => onName(e.target.value)}
  />
);
