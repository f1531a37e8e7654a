<?php

declare(strict_types=1);

namespace App\Records;

use App\Http\Input\SituationInput;
use App\Models\PestCase;
use DateTimeImmutable;
use IdleMixer\Core\Choice\PlantState;
use IdleMixer\Core\Choice\SeverityScale;
use IdleMixer\Core\Choice\Situation;
use IdleMixer\Core\Document\Node;
use IdleMixer\Core\Ingredient\IngredientCatalogue;
use IdleMixer\Core\Plant\ToleranceCatalogue;
use IdleMixer\Core\Schedule\PlantCalendar;
use IdleMixer\Core\Trouble\Trouble;
use IdleMixer\Core\Trouble\TroubleCatalogue;

/** Reads a case as the situation that a spray is chosen for. */
final readonly class Situations
{
    public function __construct(private TroubleCatalogue $troubles, private ToleranceCatalogue $tolerance, private SeverityScale $scale, private IngredientCatalogue $ingredients) {}

    public function trouble(PestCase $case): Trouble
    {
        return $this->troubles->trouble($case->pest);
    }

    public function read(PestCase $case, Node $said): SituationInput
    {
        return SituationInput::read($said, $this->trouble($case), $this->ingredients);
    }

    public function of(PestCase $case, SituationInput $said): Situation
    {
        return new Situation(
            $this->trouble($case),
            $said->stage,
            $said->severity,
            new PlantState($case->plant->name, $this->tolerance->get($case->plant->tolerance), $said->bearsNoOil, $said->inBloom, $said->dryAtRoot, $said->seedling, $said->wounded, $said->eatenSoon),
            $said->indoors,
            $said->cats,
            $said->hardness,
            $said->cupboard,
        );
    }

    /**
     * What is known before anything is said: from the plant and its dates, the last count, and what was last said of the
     * household.
     *
     * @return array<string, mixed>
     */
    public function known(PestCase $case, ?float $latestCount, DateTimeImmutable $now): array
    {
        $own = self::decoded($case->situation);
        $last = self::decoded(PestCase::query()->whereNotNull('situation')->orderByDesc('updated_at')->first()?->situation);
        $household = array_intersect_key($own + $last, ['cats' => 1, 'hardnessMgL' => 1, 'cupboard' => 1]);
        $plant = $case->plant;
        $trouble = $this->trouble($case);
        // Bare wood is met in the winter stage of a pest that has one.
        $stage = $plant->tolerance === 'dormant-wood' && in_array('winter', $trouble->stages, true) ? 'winter' : $trouble->stages[0];

        return [
            'stage' => $own['stage'] ?? $stage,
            'severity' => $latestCount === null && isset($own['severity']) ? $own['severity'] : $this->scale->of($case->pest, $latestCount)->value,
            'indoors' => $plant->indoors,
            'cats' => $household['cats'] ?? false,
            'hardnessMgL' => $household['hardnessMgL'] ?? null,
            'cupboard' => $household['cupboard'] ?? null,
            'bearsNoOil' => $plant->bears_no_oil,
            'inBloom' => PlantCalendar::isInBloom($plant->bloom_from, $plant->bloom_until, $now),
            'dryAtRoot' => $own['dryAtRoot'] ?? false,
            'seedling' => $own['seedling'] ?? false,
            'wounded' => $own['wounded'] ?? false,
            'eatenSoon' => PlantCalendar::isEatenSoon($plant->harvest_on, $now),
        ];
    }

    /** @return array<string, mixed> */
    private static function decoded(?string $text): array
    {
        $decoded = $text === null ? [] : json_decode($text, true, 8, \JSON_THROW_ON_ERROR);

        /** @var array<string, mixed> */
        return is_array($decoded) ? $decoded : [];
    }
}
