<?php

declare(strict_types=1);

namespace App\Records;

use IdleMixer\Core\Batch\MadeReader;
use IdleMixer\Core\Batch\MadeWriter;
use IdleMixer\Core\Document\InvalidDocument;
use IdleMixer\Core\Document\JsonText;
use IdleMixer\Core\Document\Node;
use IdleMixer\Core\Evidence\Association;
use IdleMixer\Core\Evidence\Estimate;
use IdleMixer\Core\Evidence\Fact;
use IdleMixer\Core\Evidence\Interval;
use IdleMixer\Core\Evidence\RecordFacts;
use IdleMixer\Core\Evidence\RecordTally;
use IdleMixer\Core\Evidence\RoundEffect;
use IdleMixer\Core\Evidence\Sureness;
use IdleMixer\Core\Evidence\VerdictReason;
use IdleMixer\Core\Mix\Composition;
use IdleMixer\Core\Mix\SprayFamily;

/** What one spray did to one pest, in figures and codes: kept in this form until a round of that pest is weighed anew. */
final readonly class WeighedFacts
{
    /** Characters of a code. */
    private const LONGEST = 60;

    /** Percent. */
    private const ALL = 100.0;

    /** Rounds in a notebook, far beyond any. */
    private const MOST = 10_000_000;

    /**
     * @param list<string>      $outcomes     of its rounds
     * @param list<float|null>  $left         percent that each of them left alive, in the same order; null where nothing can be said
     * @param list<Association> $associations that stand: what went with success or failure
     * @param int               $cases        that it was used in
     * @param int               $closed       of these, how many are closed now
     * @param float|null        $litres       a case; null where nobody knows
     * @param float|null        $minutes      a case; null where nobody knows
     * @param int|null          $lastBatch    the batch that was sprayed last; null of what was bought
     */
    public function __construct(
        public ?Composition $spray,
        public ?SprayFamily $family,
        public RecordFacts $record,
        public array $outcomes,
        public array $left,
        public array $associations,
        public int $cases,
        public int $closed,
        public ?float $litres,
        public ?float $minutes,
        public ?int $lastBatch,
    ) {}

    public static function of(SprayRecord $row): self
    {
        $effects = $row->record->effects;

        return new self(
            $row->spray,
            $row->family,
            RecordFacts::of($row->record),
            array_map(static fn(RoundEffect $effect): string => $effect->outcome->value, $effects),
            array_map(static fn(RoundEffect $effect): ?float => $effect->reduction === null ? null : round(self::ALL - $effect->reduction, 1), $effects),
            array_values(array_filter($row->associations, static fn(Association $one): bool => $one->stands())),
            count(array_unique(array_map(static fn(RoundEffect $effect): string => $effect->case, $effects))),
            $row->closed,
            $row->litres,
            $row->minutes,
            $row->lastBatch,
        );
    }

    /** As it is kept: JSON. */
    public function kept(): string
    {
        return json_encode([
            'spray' => $this->spray === null ? null : MadeWriter::composition($this->spray),
            'family' => $this->family?->value,
            'record' => $this->record,
            'outcomes' => $this->outcomes,
            'left' => $this->left,
            'associations' => $this->associations,
            'cases' => $this->cases,
            'closed' => $this->closed,
            'litres' => $this->litres,
            'minutes' => $this->minutes,
            'lastBatch' => $this->lastBatch,
        ], \JSON_THROW_ON_ERROR | \JSON_UNESCAPED_UNICODE | \JSON_PRESERVE_ZERO_FRACTION);
    }

    /** @throws InvalidDocument when it is not what was kept */
    public static function remembered(string $kept): self
    {
        $row = JsonText::parse($kept)->open();
        $spray = $row->filled('spray');
        $family = $row->filled('family')?->text(self::LONGEST);

        return new self(
            $spray === null ? null : MadeReader::composition($spray),
            $family === null ? null : SprayFamily::from($family),
            self::record($row->get('record')->open()),
            array_map(static fn(Node $one): string => $one->text(self::LONGEST), $row->get('outcomes')->items(0, self::MOST, 'outcomes')),
            array_map(static fn(Node $one): ?float => $one->isNull() ? null : $one->number(), $row->get('left')->items(0, self::MOST, 'rounds')),
            array_map(self::association(...), $row->get('associations')->items(0, self::MOST, 'associations')),
            $row->get('cases')->whole(0, self::MOST),
            $row->get('closed')->whole(0, self::MOST),
            $row->filled('litres')?->number(),
            $row->filled('minutes')?->number(),
            $row->filled('lastBatch')?->whole(0, \PHP_INT_MAX),
        );
    }

    private static function record(Node $row): RecordFacts
    {
        $tally = $row->get('tally')->open();
        $counted = static fn(string $what): int => $tally->get($what)->whole(0, self::MOST);
        $share = $row->filled('share')?->open();
        $estimate = $row->filled('estimate')?->open();

        return new RecordFacts(
            new RecordTally($counted('rounds'), $counted('judged'), $counted('worked'), $counted('compared'), $counted('clear'), $counted('alone'), $counted('withHandWork'), $counted('unproven'), $counted('burntAfter'), $counted('leafTests'), $counted('marked')),
            $share === null ? null : Interval::remembered($share->get('low')->number(), $share->get('high')->number()),
            $row->filled('median')?->number(),
            $estimate === null ? null : new Estimate($estimate->get('percent')->number(), $estimate->get('low')->number(), $estimate->get('high')->number(), $estimate->get('cases')->whole(0, self::MOST), $estimate->get('rounds')->whole(0, self::MOST)),
            $row->get('shrunk')->number(),
            Sureness::from($row->get('sureness')->text(self::LONGEST)),
            VerdictReason::from($row->get('reason')->text(self::LONGEST)),
            $row->filled('roundsNeeded')?->number(),
        );
    }

    private static function association(Node $node): Association
    {
        $row = $node->open();
        $counted = static fn(string $what): int => $row->get($what)->whole(0, self::MOST);

        return new Association(Fact::from($row->get('fact')->text(self::LONGEST)), $counted('worked'), $counted('of'), $counted('otherWorked'), $counted('otherOf'), $row->get('difference')->number(), $row->get('low')->number(), $row->get('high')->number());
    }
}
