<?php

declare(strict_types=1);

namespace Tests\Feature;

use IdleMixer\Core\Bench\BenchReader;
use IdleMixer\Core\Document\JsonText;
use IdleMixer\Core\Plan\Planner;
use IdleMixer\Core\Recipe\RecipeCatalogue;
use IdleMixer\Core\Recipe\RecipeUse;
use IdleMixer\Core\Safety\Level;
use IdleMixer\Core\Writing\PlanWriter;
use IdleMixer\Core\Writing\WrittenVerdict;

/** What is said of every shipped spray, made as it is written, on the surface that it is for, in five waters. */
final class Judgements
{
    /** mg/L as CaCO3; null is unknown. */
    public const WATERS = ['0' => 0.0, '60' => 60.0, '120' => 120.0, '300' => 300.0, 'unknown' => null];

    /** @return array<string, list<WrittenVerdict>> what is not as it should be, the worst first, by the slug of the spray */
    public static function in(?float $hardness): array
    {
        $all = [];
        $recipes = RecipeCatalogue::shipped();
        foreach ($recipes->slugs() as $slug) {
            $recipe = $recipes->get($slug);
            if ($recipe->use === RecipeUse::Stock || $recipe->basis === null) {
                continue;
            }
            $request = ['recipe' => $slug, 'make' => ['amount' => $recipe->basis->millilitres(), 'unit' => 'mL']];
            if ($hardness !== null) {
                $request['water'] = ['hardness' => ['amount' => $hardness, 'unit' => 'mg/L']];
            }
            $plan = Planner::shipped()->plan(BenchReader::shipped()->request(JsonText::parse(json_encode($request, \JSON_THROW_ON_ERROR))));
            $found = array_values(array_filter(PlanWriter::shipped()->write($plan)->verdicts, static fn(WrittenVerdict $one): bool => $one->level !== Level::Ok->value));
            usort($found, static fn(WrittenVerdict $one, WrittenVerdict $other): int => Level::from($other->level)->isWorseThan(Level::from($one->level)) <=> Level::from($one->level)->isWorseThan(Level::from($other->level)));
            $all[$slug] = $found;
        }

        return $all;
    }

    /** The page of it. */
    public static function page(): string
    {
        $waters = array_map(self::in(...), self::WATERS);
        $lines = [
            '# What is said of the shipped sprays',
            '',
            'Every shipped spray, made once as it is written, with the usual spoons, on the surface that it is for, in water of 0, 60, 120',
            'and 300 mg/L (as CaCO3) and in unknown water: the worst level, and what it is about. Below it, why. Written by',
            '`php docs/write-judgements.php`, and held against the product by `tests/Feature/JudgementsTest.php`.',
            '',
            '| spray | ' . implode(' | ', array_map(static fn(int|string $water): string => is_int($water) ? "{$water} mg/L" : $water, array_keys($waters))) . ' |',
            '|---|' . str_repeat('---|', count($waters)),
        ];
        $recipes = RecipeCatalogue::shipped();
        foreach (array_keys($waters[0]) as $slug) {
            $cells = array_map(static fn(array $said): string => self::cell($said[$slug]), $waters);
            $lines[] = "| {$recipes->get($slug)->name} | " . implode(' | ', $cells) . ' |';
        }
        $counted = array_map(static fn(array $said): int => count(array_filter($said, static fn(array $found): bool => $found !== [])), $waters);
        array_push($lines, '| **with a caution or a stop** | ' . implode(' | ', $counted) . ' |', '', '## Why, at 60 mg/L', '');
        foreach ($waters[60] as $slug => $found) {
            foreach ($found as $one) {
                $lines[] = "- **{$recipes->get($slug)->name}**, {$one->level}: {$one->because}";
            }
        }

        return implode("\n", $lines) . "\n";
    }

    /** @param list<WrittenVerdict> $found */
    private static function cell(array $found): string
    {
        return $found === [] ? 'ok' : "{$found[0]->level}: " . implode(', ', array_unique(array_map(static fn(WrittenVerdict $one): string => $one->code, $found)));
    }
}
