/** A place that a setting names: an address or a folder. */
export interface NamedPlace {
  /** Stable, in lower case, from the name. */
  id: string;
  name: string;
  place: string;
}

/** Places as a setting names them: "Name=place", with semicolons between. setting: what it is called, for what is wrong. */
export const namedPlaces = (setting: string, value: string): NamedPlace[] =>
  value
    .split(';')
    .map((entry) => entry.trim())
    .filter(Boolean)
    .map((entry) => {
      const at = entry.indexOf('=');
      const name = entry.slice(0, at).trim();
      const place = entry.slice(at + 1).trim();
      const id = name
        .toLowerCase()
        .replaceAll(/[^a-z0-9]+/g, '-')
        .slice(0, 40);
      if (at < 1 || !place || !id)
        throw new Error(`${setting}: “${entry}” is not Name=address or Name=folder.`);
      return { id, name, place };
    });
