<?php

declare(strict_types=1);

namespace App\Declared;

use App\Declared\Values\Flag;
use App\Declared\Values\Moment;
use App\Declared\Values\Text;
use App\Declared\Values\Whole;
use IdleMixer\Core\Document\InvalidDocument;
use IdleMixer\Core\Document\Node;
use Psr\Clock\ClockInterface;

/** A record, declared once: models, what is entered, the log, the schemas and the checks of the notebook follow from it. */
abstract class Record
{
    public const NUMBER = 'A row’s number belongs to its notebook; records are told apart by identities of their own, and what names a row names its identity in the log.';

    /** Characters of the name of whoever wrote it down. */
    public const LONGEST_WHO = 40;

    /** Hexadecimal digits of SHA-256. */
    private const DIGEST = 64;

    /** @var list<Field>|null */
    private ?array $fields = null;

    /** @var array<string, string>|null */
    private ?array $casts = null;

    /** @var array<string, bool|float|int|string>|null */
    private ?array $defaults = null;

    public function __construct(protected readonly ClockInterface $clock) {}

    abstract public function table(): string;

    /** @return list<Field> every column of its table is named by one of them */
    abstract protected function declared(): array;

    /** The list of the log that it stands in; null where it is told within another record. */
    public function list(): ?string
    {
        return null;
    }

    /** @return list<string> columns that tell two of them apart, within the record that they belong to; none where there is but one */
    public function identity(): array
    {
        return ['submission'];
    }

    /** @return array<string, Part> what is told within it, by key */
    public function parts(): array
    {
        return [];
    }

    /** Whether it can be corrected and taken back, so that what it was before is kept. */
    public function isCorrected(): bool
    {
        return false;
    }

    /** @return array<string, string> columns that each notebook makes for itself */
    public function ownHere(): array
    {
        return [];
    }

    /** Whether it is reckoned from the others, and made anew. */
    public function isReckoned(): bool
    {
        return false;
    }

    /**
     * What cannot be, however well each field is said.
     *
     * @param array<string, bool|float|int|string|null> $columns as they are to be kept
     *
     * @throws InvalidDocument
     */
    public function check(Node $entry, array $columns): void {}

    /** @return list<Field> */
    final public function fields(): array
    {
        return $this->fields ??= $this->declared();
    }

    /** @return list<Field> that the log carries */
    final public function carried(): array
    {
        return array_values(array_filter($this->fields(), static fn(Field $field): bool => $field->notCarried() === null && ! $field instanceof Within));
    }

    /** @return array<string, string> */
    final public function casts(): array
    {
        return $this->casts ??= array_merge(...array_map(static fn(Field $field): array => $field->casts(), $this->fields()));
    }

    /** @return array<string, bool|float|int|string> */
    final public function defaults(): array
    {
        return $this->defaults ??= array_merge(...array_map(static fn(Field $field): array => $field->defaults(), $this->fields()));
    }

    /** @return list<string> of what is entered */
    final public function enteredKeys(): array
    {
        return array_map(static fn(Field $field): string => $field->key(), $this->entered());
    }

    /**
     * @return array<string, bool|float|int|string|null> as they are kept
     *
     * @throws InvalidDocument with the path of the first fault found
     */
    final public function enter(Node $entry): array
    {
        $arrivals = Arrivals::entered();
        $columns = [];
        foreach ($this->entered() as $field) {
            $columns = [...$columns, ...$field->read($entry, $arrivals)];
        }
        $this->check($entry, $columns);

        return $columns;
    }

    /** @return list<Field> */
    final public function entered(): array
    {
        return array_values(array_filter($this->fields(), static fn(Field $field): bool => $field->isEntered()));
    }

    /** @return list<Field> of a record that a person makes under a key of its own */
    protected function submitted(bool $versions = true, bool $rowTimes = true): array
    {
        return [
            Plain::inside('id', self::NUMBER),
            Plain::needed('submission', Text::uuid(), 'id'),
            Plain::maybe('content', Text::line(self::DIGEST)),
            ...$versions ? [Plain::usually('version', new Whole(1), 1)] : [],
            $this->writer(),
            ...$this->isCorrected() ? [Plain::maybe('taken_back_at', Moment::past($this->clock))] : [],
            ...$rowTimes ? self::rowTimes() : [],
        ];
    }

    protected function writer(): Field
    {
        return Plain::maybe('who', Text::line(self::LONGEST_WHO));
    }

    /** @return list<Field> */
    protected static function rowTimes(): array
    {
        return [Plain::maybe('created_at', Moment::any(), 'writtenAt'), Plain::maybe('updated_at', Moment::any(), 'changedAt')];
    }

    protected static function flag(string $column, ?string $key = null): Plain
    {
        return Plain::usually($column, new Flag(), false, $key);
    }
}
