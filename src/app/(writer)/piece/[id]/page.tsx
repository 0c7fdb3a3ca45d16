import { PieceScreen } from '../../../../ui/piece/piece-screen.tsx';

export default async function Page({ params }: { params: Promise<{ id: string }> }) {
  return <PieceScreen id={(await params).id} />;
}
