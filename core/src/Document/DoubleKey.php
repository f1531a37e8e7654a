<?php

declare(strict_types=1);

namespace IdleMixer\Core\Document;

/** Finds a key that stands twice in one object: PHP would silently take the last. */
final class DoubleKey
{
    /**
     * The path of the first one, or null.
     *
     * @param string $json valid JSON
     */
    public static function in(string $json): ?string
    {
        preg_match_all('/"(?:[^"\\\\]|\\\\.)*"(\s*:)?|[{}\[\],]/s', $json, $found, PREG_SET_ORDER);
        /** @var list<array{keys: array<string, true>|null, at: string|int}> $open */
        $open = [];
        foreach ($found as $token) {
            $top = count($open) - 1;
            if ($token[0] === '{' || $token[0] === '[') {
                $open[] = ['keys' => $token[0] === '{' ? [] : null, 'at' => 0];
            } elseif ($token[0] === '}' || $token[0] === ']') {
                array_pop($open);
            } elseif ($token[0] === ',' && $top >= 0 && $open[$top]['keys'] === null) {
                $open[$top]['at'] = (int) $open[$top]['at'] + 1;
            } elseif (isset($token[1]) && $top >= 0) {
                $key = json_decode(rtrim(substr($token[0], 0, -1)));
                $key = is_string($key) ? $key : '';
                $open[$top]['at'] = $key;
                if (isset($open[$top]['keys'][$key])) {
                    return '/' . implode('/', array_column($open, 'at'));
                }
                $open[$top]['keys'][$key] = true;
            }
        }

        return null;
    }
}
