<?php

declare(strict_types=1);

namespace IdleMixer\Core\Batch;

use IdleMixer\Core\Bench\Water;
use IdleMixer\Core\Emulsion\SoapBudget;
use IdleMixer\Core\Measure\Kit;
use IdleMixer\Core\Mix\StockPour;
use IdleMixer\Core\Quantity\Unit;
use IdleMixer\Core\Recipe\MixingOrder;
use IdleMixer\Core\Recipe\RecipeUse;
use IdleMixer\Core\Safety\Circumstances;
use IdleMixer\Core\Safety\Limits;
use IdleMixer\Core\Safety\Target;
use IdleMixer\Core\Schedule\HoldingRule;
use IdleMixer\Core\Source\SourceCatalogue;
use IdleMixer\Core\WayOut\LoadAtHand;
use IdleMixer\Core\Words\Say;
use IdleMixer\Core\Work\Load;

/** What a batch was started from, as it was then: nothing of it is looked up again. */
final readonly class BatchRecord
{
    public const FORMAT = 'idle-mixer/batch';

    public const VERSION = 1;

    /** @param non-empty-list<Load> $loads */
    public function __construct(
        /** UUID that the batch keeps in every notebook. */
        public string $id,
        /** Of the recipe. */
        public string $slug,
        public string $name,
        public MixingOrder $order,
        public Unit $unit,
        public Kit $kit,
        public Water $water,
        public Target $target,
        public Circumstances $circumstances,
        /** mL that the sprayer takes; null when all of it was to fit. */
        public ?float $room,
        /** Those that were asked. */
        public Limits $limits,
        /** Where these limits come from. */
        public SourceCatalogue $sources,
        public array $loads,
        public SoapBudget $budget,
        /** µm: the median droplet that was forecast for a hand like others; null without oil. */
        public ?float $usualDroplet,
        public HoldingRule $holding,
        /** Hours from spraying to the first look that says something. */
        public float $firstLookHours,
        /** Hours from spraying to the first look that may judge it. */
        public float $fairLookHours,
        /** Days to the next round; null where it is done once. */
        public ?int $repeatDays,
        /** Times as strong as its recipe has it, above 0. */
        public float $factor = 1.0,
    ) {}

    /** @param int $number from 1 to the count of loads */
    public function load(int $number): Load
    {
        return $this->loads[$number - 1] ?? throw new \LogicException(Say::it('batch/batch-record.there-no-load-in-this', ['number' => $number]));
    }

    /** @param int $number from 1 to the count of loads */
    public function atHand(int $number): LoadAtHand
    {
        return LoadAtHand::of($this->load($number), $this->target, $this->circumstances, $this->kit, $this->unit, $this->room);
    }

    /** mL of a stock that all loads together take. */
    public function pours(string $stock): float
    {
        return array_sum(array_map(static fn(Load $load): float => array_sum(array_map(static fn(StockPour $pour): float => $pour->slug === $stock ? $pour->millilitres : 0.0, $load->mixture->pours)), $this->loads));
    }

    /** Whether a glass of it says that the oil stays in; what gives off gas is used at once. */
    public function wantsGlass(): bool
    {
        return $this->target->use !== RecipeUse::Stock && $this->loads[0]->hasOil() && ! $this->loads[0]->givesOffGas();
    }

    /** mL of all loads as they were planned. */
    public function finished(): float
    {
        return array_sum(array_map(static fn(Load $load): float => $load->mixture->finished(), $this->loads));
    }
}
