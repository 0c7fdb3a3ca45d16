'use client';

import { FileSearchOutlined, LinkOutlined } from '@ant-design/icons';
import { useMutation } from '@tanstack/react-query';
import { Alert, Button, Input as Field, Upload } from 'antd';
import { useRouter } from 'next/navigation';
import { useEffect, useRef, useState } from 'react';
import { createSource, readSourceFile } from '../../api/sources.ts';
import { call, sendFile } from '../shared/api.ts';
import { TopBar } from '../shared/top-bar.tsx';
import './begin.css';

const WORDS = {
  article: {
    title: 'Begin with an article',
    lead: 'Nabbet reads it, leaves the page round it alone, and condenses it to the length you want. You see what was read, what was left out, and where each line comes from.',
    paste: 'Or paste the article here: text, or a piece of the page with its headings.',
    file: 'Or bring a file: a saved page, a document or a book',
    example: 'https://paper.example/story',
  },
  product: {
    title: 'Begin with a product page',
    lead: 'Nabbet reads name, maker, price, features, rating and reviews into a fact sheet that you can correct, and writes a script from the side you choose. It claims nothing that is not on the sheet.',
    paste: 'Or paste what stands on the page, or the page’s source.',
    file: 'Or bring the saved page',
    example: 'https://shop.example/lantern',
  },
} as const;

type Input =
  | { from: 'address'; address: string }
  | { from: 'text'; text: string; html: string | null }
  | { from: 'file'; file: File };

/** A made-up page that can be tried. */
export interface DemoLink {
  path: string;
  title: string;
  about: string;
  address: string;
}

/** Bring an article or a product page: an address, pasted text or a file. */
export function BeginPage({
  way,
  demo,
  accept,
}: {
  way: 'article' | 'product';
  demo: DemoLink[];
  /** Endings of the files that can be brought. */
  accept: string;
}) {
  const router = useRouter();
  const words = WORDS[way];
  const kept = `nabbet-begin-${way}`;
  const [address, setAddress] = useState('');
  const [text, setText] = useState('');
  const html = useRef<string | null>(null);
  useEffect(() => setText(localStorage.getItem(kept) ?? ''), [kept]);
  const read = useMutation({
    mutationFn: (input: Input) =>
      input.from === 'file'
        ? sendFile(readSourceFile, { query: { as: way, name: input.file.name } }, input.file)
        : call(createSource, { body: { ...input, as: way } }),
    onSuccess: ({ id }) => {
      localStorage.removeItem(kept);
      router.push(`/outline/${id}`);
    },
  });
  const busy = read.isPending || read.isSuccess;
  const change = (value: string) => {
    setText(value);
    localStorage.setItem(kept, value);
  };
  return (
    <>
      <TopBar />
      <main className="bring">
        <section className="bring__ways" aria-labelledby="bring-title">
          <h1 id="bring-title">{words.title}</h1>
          <p className="bring__lead">{words.lead}</p>
          <form
            className="bring__address"
            onSubmit={(e) => {
              e.preventDefault();
              if (address.trim()) read.mutate({ from: 'address', address });
            }}
          >
            <label htmlFor="address">Address</label>
            <div>
              <Field
                id="address"
                size="large"
                prefix={<LinkOutlined aria-hidden />}
                placeholder={words.example}
                value={address}
                onChange={(e) => setAddress(e.target.value)}
                autoFocus
              />
              <Button
                size="large"
                type="primary"
                htmlType="submit"
                disabled={!address.trim()}
                loading={busy && read.variables?.from === 'address'}
              >
                Read it
              </Button>
            </div>
          </form>
          {read.isError && (
            <Alert
              type="warning"
              showIcon
              title={read.error.message}
              role="alert"
              className="bring__problem"
            />
          )}
          <div className="bring__paste">
            <label htmlFor="paste">{words.paste}</label>
            <Field.TextArea
              id="paste"
              value={text}
              rows={7}
              onChange={(e) => change(e.target.value)}
              onPaste={(e) => {
                html.current = text.trim() ? null : e.clipboardData.getData('text/html') || null;
              }}
            />
            <Button
              disabled={!text.trim()}
              loading={busy && read.variables?.from === 'text'}
              onClick={() => read.mutate({ from: 'text', text, html: html.current })}
            >
              Read what is pasted
            </Button>
          </div>
          <Upload.Dragger
            accept={accept}
            showUploadList={false}
            disabled={busy}
            customRequest={({ file }) => read.mutate({ from: 'file', file: file as File })}
          >
            <p>
              <FileSearchOutlined aria-hidden /> {words.file}. Drop it here, or press to choose.
            </p>
          </Upload.Dragger>
        </section>
        <aside className="bring__demo" aria-labelledby="demo-title">
          <h2 id="demo-title">Nothing at hand? Try one of these</h2>
          <p>They are made up and ship with Nabbet.</p>
          <ul>
            {demo.map((d) => (
              <li key={d.path}>
                <button
                  type="button"
                  disabled={busy}
                  onClick={() => {
                    setAddress(d.address);
                    read.mutate({ from: 'address', address: d.address });
                  }}
                >
                  <strong>{d.title}</strong>
                  <span>{d.about}</span>
                </button>
              </li>
            ))}
          </ul>
        </aside>
      </main>
    </>
  );
}
