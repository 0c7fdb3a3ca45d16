import { VersionsScreen } from '../../../../../ui/versions/versions-screen.tsx';

export default async function Page({ params }: { params: Promise<{ id: string }> }) {
  return <VersionsScreen id={(await params).id} />;
}
