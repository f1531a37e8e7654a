<?php

declare(strict_types=1);

namespace IdleMixer\Core\Document;

use IdleMixer\Core\Data\InputLines;
use IdleMixer\Core\Words\Say;

/** Turns JSON text into a tree of nodes. */
final class JsonText
{
    /** 1 MB, the bound of the open documents. */
    public const MAX_BYTES = InputLines::LONGEST_DOCUMENT['value'];

    private const MAX_DEPTH = InputLines::DEEPEST_DOCUMENT['value'];

    /** What some programs write before everything else. */
    private const BYTE_ORDER_MARK = "\xEF\xBB\xBF";

    /** @throws InvalidDocument when the text is empty, over 1 MB, not UTF-8, not JSON, has a key twice or too many in one object, or a number that is too large */
    public static function parse(string $text): Node
    {
        $text = str_starts_with($text, self::BYTE_ORDER_MARK) ? substr($text, strlen(self::BYTE_ORDER_MARK)) : $text;
        if (trim($text) === '') {
            throw InvalidDocument::because('', Say::it('document/json-text.there-nothing-to-read-file'), $text);
        }
        if (strlen($text) > self::MAX_BYTES) {
            throw InvalidDocument::because(
                '',
                Say::it('document/json-text.document-bytes-long-at-most', ['text' => strlen($text), 'max-bytes' => self::MAX_BYTES]),
                null,
            );
        }

        JsonShape::check($text);

        return self::decoded($text);
    }

    /**
     * Of what the notebook keeps: it was looked over when it came in, and to do so again each time takes twice as long as all the rest.
     *
     * @throws InvalidDocument when it is not JSON any more
     */
    public static function kept(string $text): Node
    {
        return self::decoded($text);
    }

    private static function decoded(string $text): Node
    {
        try {
            $read = json_decode($text, false, self::MAX_DEPTH, JSON_THROW_ON_ERROR);
        } catch (\JsonException $e) {
            throw InvalidDocument::because('', Say::it('document/json-text.this-not-json', ['get-message' => lcfirst($e->getMessage())]), $text);
        }

        return new Node($read, '');
    }
}
