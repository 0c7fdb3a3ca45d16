import { LICENCE_KINDS, type LicenceRow } from '../../wording/licences.ts';
import { TopBar } from '../shared/top-bar.tsx';
import rows from './licences.json';
import './licences.css';

/** Under which licences everything stands; the list is made by `nabbet licences`. */
export function Licences() {
  return (
    <>
      <TopBar />
      <main className="licences">
        <h1>Licences</h1>
        <p>
          What ships with Nabbet or is used by it. Pictures, loops and music of the shelf may be used freely,
          also in videos that earn money.
        </p>
        {(Object.keys(LICENCE_KINDS) as LicenceRow['kind'][]).map((kind) => (
          <section key={kind} aria-labelledby={`licences-${kind}`}>
            <h2 id={`licences-${kind}`}>{LICENCE_KINDS[kind]}</h2>
            <table>
              <thead>
                <tr>
                  <th scope="col">What</th>
                  <th scope="col">Licence</th>
                  <th scope="col">Whose</th>
                </tr>
              </thead>
              <tbody>
                {(rows as LicenceRow[])
                  .filter((r) => r.kind === kind)
                  .map((r) => (
                    <tr key={`${r.name} ${r.version}`}>
                      <th scope="row">
                        {r.name} <span>{r.version}</span>
                      </th>
                      <td>{r.licence}</td>
                      <td>{r.copyright}</td>
                    </tr>
                  ))}
              </tbody>
            </table>
          </section>
        ))}
      </main>
    </>
  );
}
