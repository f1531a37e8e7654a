<?php

declare(strict_types=1);

namespace App\Declared;

use IdleMixer\Core\Document\InvalidDocument;
use IdleMixer\Core\Document\Node;

/** What may stand in a column: how it is read, told, cast and described. */
interface Value
{
    /**
     * From a document, or from what a screen sends, to what the column keeps.
     *
     * @throws InvalidDocument when it is nothing of the kind
     */
    public function read(Node $node): bool|float|int|string;

    /** From what the column keeps to what a document or an answer holds. */
    public function told(bool|float|int|string $kept): bool|float|int|string|Raw;

    /** The cast of a model; null where the column already holds what is worked with. */
    public function cast(): ?string;

    /** @return array<string, mixed> as JSON Schema (2020-12) describes it */
    public function schema(): array;
}
