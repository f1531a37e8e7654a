<?php

declare(strict_types=1);

namespace App\Declared;

use IdleMixer\Core\Document\InvalidDocument;
use IdleMixer\Core\Document\Node;

/** One thing that a record holds: its columns, what it is called outside, and whether the log carries it. */
interface Field
{
    /** What the API, the log and the schemas call it. */
    public function key(): string;

    /** @return list<string> in which it is kept */
    public function columns(): array;

    /** Whether it is always told, and has to be said. */
    public function isRequired(): bool;

    /** Whether a person enters it and corrects it, as the record is entered. */
    public function isEntered(): bool;

    /** Why the log does not carry it; null where it does. */
    public function notCarried(): ?string;

    /**
     * @return array<string, bool|float|int|string|null> what the columns are to keep; a column that is left out keeps its default
     *
     * @throws InvalidDocument with the path of the first fault found
     */
    public function read(Node $entry, Arrivals $arrivals): array;

    /**
     * @param array<string, bool|float|int|string|null> $row columns as they are kept
     *
     * @return string as a piece of JSON
     */
    public function told(array $row, Identities $identities): string;

    /** @return array<string, string> casts of the model, by column */
    public function casts(): array;

    /** @return array<string, bool|float|int|string> what a column holds before anybody says it, where it is not nothing */
    public function defaults(): array;

    /** @return array<string, mixed> as JSON Schema describes it */
    public function schema(): array;
}
