<?php

declare(strict_types=1);

use IdleMixer\Core\Emulsion\Agitation;
use IdleMixer\Core\Emulsion\HardnessClass;
use IdleMixer\Core\Plan\EmulsionForecast;
use IdleMixer\Core\Plan\Planner;
use IdleMixer\Core\Tests\Support\Plans;

// Whoever says how hard the water is hears what was told to whoever did not, for that end of it, by every way to work it.
it('tells of soft and of very hard water what comes of it when it is said', function (string $slug): void {
    $seen = [];
    foreach (Agitation::cases() as $agitation) {
        $told = static function (?HardnessClass $class) use ($slug, $agitation): EmulsionForecast {
            $water = $class === null ? [] : ['water' => ['hardness' => ['amount' => $class->milligramsPerLitre(), 'unit' => 'mg/L']]];

            return Planner::shipped()->plan(Plans::worked(Plans::bench(['recipe' => $slug, 'make' => ['amount' => 1, 'unit' => 'L'], ...$water]), $agitation))->emulsion;
        };
        $unsaid = $told(null);
        $ends = [$told(HardnessClass::Soft)->verdict, $told(HardnessClass::VeryHard)->verdict];
        expect([$unsaid->ifSoft, $unsaid->ifHard])->toBe($ends, "{$slug}, {$agitation->value}");
        $seen += array_fill_keys(array_column($ends, 'value'), true);
    }
    expect(count($seen))->toBeGreaterThan(1);
})->with(['neem-leaf-quart', 'castile-and-kitchen-oil']);
