<?php

declare(strict_types=1);

namespace IdleMixer\Core\Batch;

use DateTimeImmutable;
use IdleMixer\Core\Mix\Mixture;
use IdleMixer\Core\Mix\Part;
use IdleMixer\Core\Work\AsMade;
use IdleMixer\Core\Work\Load;

/** One thing that happened to a load and that its plan does not know: a line of the batch. */
final readonly class BottleLine
{
    /** @param list<Part> $parts that went in, or stand in the place of `$item` */
    public function __construct(
        /** UUID. */
        public string $id,
        public BottleLineKind $kind,
        public DateTimeImmutable $at,
        /** From 1. */
        public int $load,
        public array $parts = [],
        /** mL that went in; null for as much as the mark takes. */
        public ?float $water = 0.0,
        /** Of what stood there, from 0 to 1. */
        public float $lost = 0.0,
        /** Key of the load's item that something else was taken for; empty where nothing was. */
        public string $item = '',
        /** Until when what went in keeps, where it was mixed before; null where only what it is decides. */
        public ?DateTimeImmutable $until = null,
    ) {}

    /**
     * It was filled onto what was left of another batch.
     *
     * @param Mixture                $rest  what that is
     * @param float                  $ml    of it
     * @param DateTimeImmutable|null $until to which that keeps
     */
    public static function overRest(string $id, DateTimeImmutable $at, int $load, Mixture $rest, float $ml, ?DateTimeImmutable $until): self
    {
        $left = $rest->times($rest->finished() > 0.0 ? $ml / $rest->finished() : 0.0);

        return new self($id, BottleLineKind::OverRest, $at, $load, array_map(static fn(Part $part): Part => $part->inPour(null), $left->parts), $left->water, until: $until);
    }

    /**
     * Some of it went into another batch.
     *
     * @param float $share of what stood there, from 0 to 1
     */
    public static function pouredOn(string $id, DateTimeImmutable $at, int $load, float $share): self
    {
        return new self($id, BottleLineKind::PouredOn, $at, $load, lost: $share);
    }

    /** The load as it was really taken: something else by the same spoons. */
    public function taken(Load $load): Load
    {
        return $this->kind === BottleLineKind::Swapped && $this->parts !== [] ? $load->withItem($this->item, $this->parts[0]) : $load;
    }

    /** What stands there after it, where the load was mixed before it happened. */
    public function after(Mixture $mixture, Load $load): Mixture
    {
        return match ($this->kind) {
            BottleLineKind::Swapped => $mixture,
            BottleLineKind::Spilled, BottleLineKind::PouredOn => $mixture->times(1.0 - $this->lost),
            default => new Mixture($mixture->water + ($this->water ?? max(0.0, $load->mixture->finished() - $mixture->finished())), [...$mixture->parts, ...$this->parts], $mixture->pours),
        };
    }

    /** What stands there once it is filled to the mark, where it happened while the load was mixed. */
    public function before(Mixture $mixture, Load $load): Mixture
    {
        return $this->kind === BottleLineKind::Added || $this->kind === BottleLineKind::OverRest ? AsMade::toTheMark($load, [...$mixture->parts, ...$this->parts], $mixture->pours) : $mixture;
    }
}
