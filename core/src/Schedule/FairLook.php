<?php

declare(strict_types=1);

namespace IdleMixer\Core\Schedule;

use IdleMixer\Core\Ingredient\Substance;
use IdleMixer\Core\Mix\Mixture;
use IdleMixer\Core\Recipe\RecipeUse;
use IdleMixer\Core\Source\SourceCatalogue;
use IdleMixer\Core\Source\Sourced;
use IdleMixer\Core\Trouble\TroubleKind;

/**
 * When it is fair to judge a spray: what kills and on what decide, the slowest thing in it first.
 *
 * @phpstan-import-type SourcedRow from Sourced
 *
 * @phpstan-type FairRow array{first: SourcedRow, judged: SourcedRow}
 */
final readonly class FairLook
{
    /** @param array<string, FairRow> $rows */
    public function __construct(private array $rows, private SourceCatalogue $sources) {}

    public static function shipped(): self
    {
        /** @var array<string, FairRow> $rows */
        $rows = require __DIR__ . '/../../data/fair-look.php';

        return new self($rows, SourceCatalogue::shipped());
    }

    /**
     * @param bool             $planted whether there are roots in the soil that a drench is poured on
     * @param TroubleKind|null $on      null when nobody said
     */
    public function of(Mixture $mixture, RecipeUse $use, bool $planted = true, ?TroubleKind $on = null): FairTime
    {
        if ($use === RecipeUse::Drench || $use === RecipeUse::Dormant) {
            return $this->row($use === RecipeUse::Dormant ? 'winter' : ($planted ? 'pot' : 'bed'));
        }
        $slowest = $this->row($on === TroubleKind::Fungus ? 'fungus' : 'contact');
        foreach ($mixture->parts as $part) {
            $row = $this->row(match (true) {
                $part->ingredient->substance === Substance::Neem => 'neem',
                $part->ingredient->substance === Substance::Egg => 'egg-oil',
                $part->ingredient->substance->isOil() => 'oil',
                $on === null && in_array($part->ingredient->substance, [Substance::Soda, Substance::Peroxide], true) => 'fungus',
                default => 'contact',
            });
            $slowest = $row->judged->value > $slowest->judged->value ? $row : $slowest;
        }

        return $slowest;
    }

    /**
     * The same for what was mixed without knowing against what.
     *
     * @param float $hours that were reckoned with
     *
     * @return float hours
     */
    public function against(TroubleKind $on, float $hours): float
    {
        return $on === TroubleKind::Fungus ? max($hours, $this->row('fungus')->judged->value) : $hours;
    }

    /** Whether so long a wait is that of a winter oil, which is judged in the season after. */
    public function isOfWinter(float $hours): bool
    {
        return $hours >= $this->row('winter')->judged->value;
    }

    private function row(string $code): FairTime
    {
        return new FairTime(Sourced::fromRow($this->rows[$code]['first'], $this->sources), Sourced::fromRow($this->rows[$code]['judged'], $this->sources));
    }
}
