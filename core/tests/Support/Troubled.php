<?php

declare(strict_types=1);

namespace IdleMixer\Core\Tests\Support;

use IdleMixer\Core\Choice\OwnResult;
use IdleMixer\Core\Choice\Severity;
use IdleMixer\Core\Choice\SeverityScale;
use IdleMixer\Core\Choice\Situation;
use IdleMixer\Core\Cupboard\Cupboard;
use IdleMixer\Core\Ingredient\IngredientCatalogue;
use IdleMixer\Core\Plant\Site;
use IdleMixer\Core\Trouble\TroubleCatalogue;

/**
 * Short ways to a plant with a trouble: an ordinary leaf outdoors in summer, moderately hit, where nothing else is said.
 *
 * @phpstan-type Told array{stage?: string, leaf?: string, how?: string, season?: string, site?: Site, hardness?: float, cupboard?: list<string>, plant?: array<string, bool>, cats?: bool, own?: array<string, OwnResult>, celsius?: float, crowded?: bool, count?: float, seen?: array<string, int|null>}
 */
final class Troubled
{
    /** @param Told $case */
    public static function by(string $trouble, array $case): Situation
    {
        $found = TroubleCatalogue::shipped()->trouble($trouble);

        return new Situation(
            $found,
            $case['stage'] ?? $found->stages[0],
            isset($case['how']) ? Severity::from($case['how']) : SeverityScale::shipped()->of($trouble, $case['count'] ?? null),
            'Zinnia',
            Stands::as($case['leaf'] ?? 'ordinary-leaf', [...$case['plant'] ?? [], 'buds' => ($case['season'] ?? 'growing') === 'growing'], $case['site'] ?? Site::Outdoors),
            $case['cats'] ?? false,
            $case['hardness'] ?? null,
            isset($case['cupboard']) ? Cupboard::holding($case['cupboard'], IngredientCatalogue::shipped()) : null,
            $case['own'] ?? [],
            celsius: $case['celsius'] ?? null,
            crowded: $case['crowded'] ?? false,
            count: $case['count'] ?? null,
            seen: $case['seen'] ?? [],
        );
    }
}
