/**
 * What a form says, as a plain object: empty file fields left out, `name[]` gathered, `name[a][b]` nested, the page's own numbers dropped.
 */
export function bodyOf(entries) {
    const body = {};
    for (const [name, value] of entries) {
        if (name === 'ulid' || name === '_token' || (value instanceof Blob && value.size === 0)) {
            continue;
        }
        if (name.endsWith('[]')) {
            (body[name.slice(0, -2)] ??= []).push(value);
        } else {
            nest(body, name.replaceAll(']', '').split('['), value);
        }
    }

    return body;
}

function nest(body, [name, ...rest], value) {
    if (rest.length === 0) {
        body[name] = value;
    } else {
        nest((body[name] ??= {}), rest, value);
    }
}
