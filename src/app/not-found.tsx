import Link from 'next/link';

export default function NotFound() {
  return (
    <main className="plain-page">
      <h1>There is nothing at this address</h1>
      <p>The piece may have been put away, or the address has a typing error.</p>
      <p>
        <Link href="/">Go to the desk</Link>
      </p>
    </main>
  );
}
