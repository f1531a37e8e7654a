<?php

declare(strict_types=1);

namespace IdleMixer\Core\Document;

/**
 * Text without what is not seen: control characters, and the marks that turn the direction of what stands behind them, by which a
 * name can be made to look like another. Joiners, which some scripts need within words, stay.
 */
final class PlainText
{
    /** Bytes of UTF-8: U+0000 to U+001F but tab and line breaks, U+007F, U+200E, U+200F, U+202A to U+202E, U+2066 to U+2069, U+061C, U+FEFF; https://www.unicode.org/reports/tr9/ */
    private const UNSEEN = '/[\x00-\x08\x0B\x0C\x0E-\x1F\x7F]|\xE2\x80[\x8E\x8F\xAA-\xAE]|\xE2\x81[\xA6-\xA9]|\xD8\x9C|\xEF\xBB\xBF/';

    /** Line breaks and tabs, U+0085, U+2028 and U+2029 among them. */
    private const BREAKS = '/(?:[\t\r\n]|\xC2\x85|\xE2\x80[\xA8\xA9])+/';

    /** @param string $text UTF-8, on as many lines as there are */
    public static function lines(string $text): string
    {
        return (string) preg_replace(self::UNSEEN, '', $text);
    }

    /** @param string $text UTF-8; becomes one line */
    public static function line(string $text): string
    {
        return (string) preg_replace(self::BREAKS, ' ', self::lines($text));
    }
}
