<?php

declare(strict_types=1);

namespace IdleMixer\Core\Gate;

use IdleMixer\Core\Bought\Bought;
use IdleMixer\Core\Bought\BoughtKind;
use IdleMixer\Core\Bought\Holds;
use IdleMixer\Core\Data\GateLines;

/** What a plant had lately, and what burnt it or others of its kind. */
final readonly class PlantHad
{
    /**
     * @param list<HadRound> $rounds
     * @param float|null     $sulfurDaysAgo days since sulfur; null where it had none
     * @param float|null     $copperDaysAgo the same of copper
     * @param float|null     $insectsDaysAgo days since insects were set out on it; null where none were
     * @param bool           $inTrial        whether it is counted in a trial whose sides were sprayed
     */
    public function __construct(public array $rounds = [], public ?float $sulfurDaysAgo = null, public ?float $copperDaysAgo = null, public ?float $insectsDaysAgo = null, public bool $inTrial = false) {}

    /**
     * With what is in things that were bought for it.
     *
     * @param list<HadRound> $rounds
     * @param float|null     $sulfur days since somebody says that it had sulfur; null where nobody does
     * @param float|null     $copper the same of copper
     */
    public static function of(array $rounds, ?float $sulfur, ?float $copper, bool $inTrial = false): self
    {
        return new self(
            $rounds,
            self::soonest($rounds, $sulfur, static fn(Bought $one): bool => $one->holds === Holds::Sulfur),
            self::soonest($rounds, $copper, static fn(Bought $one): bool => $one->holds === Holds::Copper),
            self::soonest($rounds, null, static fn(Bought $one): bool => $one->kind === BoughtKind::Insects),
            $inTrial,
        );
    }

    public function isSulfurLately(): bool
    {
        return $this->sulfurDaysAgo !== null && $this->sulfurDaysAgo <= GateLines::SULFUR_MIND['value'];
    }

    public function isCopperLately(): bool
    {
        return $this->copperDaysAgo !== null && $this->copperDaysAgo <= GateLines::COPPER_MIND['value'];
    }

    /**
     * @param list<HadRound>         $rounds
     * @param callable(Bought): bool $is
     */
    private static function soonest(array $rounds, ?float $said, callable $is): ?float
    {
        $days = $said === null ? [] : [$said];
        foreach ($rounds as $round) {
            if ($round->onItself && $round->bought !== null && $is($round->bought)) {
                $days[] = $round->daysAgo;
            }
        }

        return $days === [] ? null : min($days);
    }
}
