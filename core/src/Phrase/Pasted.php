<?php

declare(strict_types=1);

namespace IdleMixer\Core\Phrase;

/** What was pasted from a page, as plain text: without tags and entities, with one form of each digit and sign. */
final class Pasted
{
    /** A tag of HTML: what stands between is kept. */
    private const TAG = '/<\/?[a-z][a-z0-9]*(?:\s[^<>]{0,500})?\/?>/i';

    /** Where one of these ends another line of the page begins: what stands behind is a sentence of its own. */
    private const BLOCK = '/(?<=[^\s.;:>])\s*(?:<\/(?:li|p|div|h[1-6]|tr|ul|ol|dd|dt)\s*>|<br\s*\/?>)(?:\s|<[^<>]{0,500}>)*(?=[^\s<])/i';

    /** From a sign of full width to the plain one (Unicode, Halfwidth and Fullwidth Forms). */
    private const WIDE = 0xFEE0;

    /** Set high, as in cm³. */
    private const HIGH = ['¹' => '1', '²' => '2', '³' => '3'];

    public static function plain(string $line): string
    {
        if (! mb_check_encoding($line, 'UTF-8')) {
            return $line;
        }
        $line = html_entity_decode((string) preg_replace([self::BLOCK, self::TAG], ["\n", ' '], $line), \ENT_QUOTES | \ENT_HTML5, 'UTF-8');

        $narrow = preg_replace_callback('/[\x{FF01}-\x{FF5E}]/u', static fn(array $found): string => chr(mb_ord($found[0]) - self::WIDE), $line);

        return strtr((string) $narrow, self::HIGH);
    }
}
