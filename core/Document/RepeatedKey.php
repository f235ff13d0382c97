<?php

declare(strict_types=1);

namespace NorthLedger\Core\Document;

/** Finds a key that stands twice in one object of a JSON text: readers keep one of the two, and not all the same one. */
final class RepeatedKey
{
    private const TOKEN = '/"(?:[^"\\\\]|\\\\.)*"|[{}\[\],:]/u';

    /**
     * @param  string  $json  Known to be JSON
     * @return ?string The first such key; null where there is none
     */
    public static function in(string $json): ?string
    {
        preg_match_all(self::TOKEN, $json, $tokens);
        $open = [];
        foreach ($tokens[0] as $index => $token) {
            if ($token === '{' || $token === '[') {
                $open[] = [];
            } elseif ($token === '}' || $token === ']') {
                array_pop($open);
            } elseif ($token !== ',' && $token !== ':' && ($tokens[0][$index + 1] ?? '') === ':') {
                /** @var string $key */
                $key = json_decode($token, flags: JSON_THROW_ON_ERROR);
                $object = count($open) - 1;
                if (isset($open[$object][$key])) {
                    return $key;
                }
                $open[$object][$key] = true;
            }
        }

        return null;
    }
}
