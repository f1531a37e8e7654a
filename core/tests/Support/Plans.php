<?php

declare(strict_types=1);

namespace IdleMixer\Core\Tests\Support;

use IdleMixer\Core\Bench\Bench;
use IdleMixer\Core\Bench\BenchReader;
use IdleMixer\Core\Document\JsonText;
use IdleMixer\Core\Emulsion\Agitation;
use IdleMixer\Core\Plan\Plan;
use IdleMixer\Core\Plan\Planner;
use IdleMixer\Core\Safety\Circumstances;

/** Short ways to a plan. */
final class Plans
{
    /** @param array<string, mixed> $request */
    public static function bench(array $request): Bench
    {
        return BenchReader::shipped()->request(JsonText::parse(json_encode($request, \JSON_THROW_ON_ERROR)));
    }

    /**
     * The same bench under other circumstances.
     *
     * @param array<string, mixed> $request
     */
    public static function under(array $request, Circumstances $circumstances): Plan
    {
        $bench = self::bench($request);
        $said = $circumstances->asPractised($bench->circumstances->everyDays, $bench->circumstances->rinsed === true);

        return Planner::shipped()->plan(new Bench($bench->recipe, $bench->make, $bench->unit, $bench->sprayer, $bench->highEnd, $bench->factor, $bench->kit, $bench->water, $bench->target, $said, $bench->hand, $bench->agitation, $bench->stockReady));
    }

    /** The same bench, worked otherwise. */
    public static function worked(Bench $bench, Agitation $agitation): Bench
    {
        return new Bench($bench->recipe, $bench->make, $bench->unit, $bench->sprayer, $bench->highEnd, $bench->factor, $bench->kit, $bench->water, $bench->target, $bench->circumstances, $bench->hand, $agitation, $bench->stockReady);
    }

    /** @param array<string, mixed> $request */
    public static function of(array $request): Plan
    {
        return Planner::shipped()->plan(self::bench($request));
    }

    /** @param array<string, mixed> $more */
    public static function shipped(string $slug, float $amount, string $unit, array $more = []): Plan
    {
        return self::of(['recipe' => $slug, 'make' => ['amount' => $amount, 'unit' => $unit], ...$more]);
    }

    /**
     * @param list<array<string, mixed>> $lines
     * @param array<string, mixed>|null  $basis
     *
     * @return array<string, mixed>
     */
    public static function recipe(array $lines, ?array $basis, string $use = 'foliar', string $order = 'all-together'): array
    {
        $document = ['format' => 'idle-mixer/recipe', 'version' => 1, 'slug' => 'a-test', 'name' => 'A test', 'use' => $use, 'order' => $order, 'basis' => $basis, 'lines' => $lines];

        return array_filter($document, static fn(mixed $value): bool => $value !== null);
    }
}
