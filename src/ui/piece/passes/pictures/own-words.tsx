'use client';

import { EditOutlined } from '@ant-design/icons';
import { useQueryClient } from '@tanstack/react-query';
import { App, Button, Form, Input, InputNumber, Popover, Select } from 'antd';
import { useState } from 'react';
import {
  describePicture,
  getPicture,
  type OwnWords,
  type ShelfEntryView,
  shelvePicture,
} from '../../../../api/shelf.ts';
import { LICENCE_LABELS } from '../../../../wording/pictures.ts';
import { call } from '../../../shared/api.ts';
import { addAssets } from '../../../shared/use-shelf.ts';

/** What is said of an own picture: by these words it is found, by these terms it is used. */
export function OwnWordsForm({ entry }: { entry: ShelfEntryView }) {
  const [open, setOpen] = useState(false);
  const { message } = App.useApp();
  const client = useQueryClient();
  const done = async (what: Promise<unknown>, said: string) => {
    try {
      await what;
      addAssets(client, [await call(getPicture, { params: { id: entry.id } })]);
      void client.invalidateQueries({ queryKey: ['search'] });
      setOpen(false);
      message.success(said, 2);
    } catch (e) {
      message.error((e as Error).message);
    }
  };
  const save = (words: Partial<OwnWords>) =>
    done(call(describePicture, { params: { id: entry.id }, body: words }), 'Saved.');
  const removeIt = () =>
    done(
      call(shelvePicture, { params: { id: entry.id }, body: { on: false } }),
      'Taken off the shelf. Pieces that use it keep it.',
    );
  return (
    <Popover
      trigger="click"
      open={open}
      onOpenChange={setOpen}
      destroyOnHidden
      content={
        <Form<OwnWords>
          className="own-words"
          layout="vertical"
          size="small"
          initialValues={{
            title: entry.title,
            tags: entry.tags,
            licence: entry.licence,
            credit: entry.credit,
            people: entry.people,
          }}
          onFinish={(words) =>
            void save({ ...words, credit: words.credit ?? '', people: words.people ?? null })
          }
        >
          <Form.Item name="title" label="Title" rules={[{ required: true, message: 'A title is needed.' }]}>
            <Input maxLength={200} />
          </Form.Item>
          <Form.Item name="tags" label="Words by which it is found">
            <Select mode="tags" open={false} suffixIcon={null} tokenSeparators={[',', ';']} maxCount={40} />
          </Form.Item>
          <div className="own-words__pair">
            <Form.Item name="licence" label="Licence">
              <Select options={Object.entries(LICENCE_LABELS).map(([value, label]) => ({ value, label }))} />
            </Form.Item>
            <Form.Item name="people" label="People in it">
              <InputNumber min={0} max={1000} precision={0} />
            </Form.Item>
          </div>
          <Form.Item name="credit" label="Name to be given with it">
            <Input maxLength={300} />
          </Form.Item>
          <div className="tools__buttons">
            <Button type="primary" htmlType="submit">
              Save
            </Button>
            <Button onClick={() => void removeIt()}>Take off the shelf</Button>
          </div>
        </Form>
      }
    >
      <button type="button" aria-label={`Words and licence of “${entry.title}”`} aria-expanded={open}>
        <EditOutlined aria-hidden />
      </button>
    </Popover>
  );
}
