<?php

declare(strict_types=1);

namespace App\Http;

use IdleMixer\Core\Words\Say;

/** A screen, as its page is put together before any script ran. */
final readonly class Screen
{
    /** By the pattern of the address: which word of the bar it belongs to, its heading, its component, what it asks for. */
    private const ALL = [
        '#^/$#' => ['/', 'today', 'today/Today', ['today?zone={zone}']],
        '#^/day$#' => ['/', 'spray-day', 'day/Day', ['{day}']],
        '#^/bed$#' => ['/', 'into-the-bed', 'run/Begin', ['cases']],
        '#^/runs/(\d{1,18})$#' => ['/', '', 'run/RunScreen', ['runs/{id}']],
        '#^/bench$#' => ['/bench', 'bench', 'bench/Bench', ['jars', 'hand', 'catalogue', 'recipes', 'plants', 'sprayers', 'measures', 'cases', 'own', '{opening}']],
        '#^/batches$#' => ['/bench', 'batches', 'batch/Batches', ['batches']],
        '#^/batches/(\d{1,18})$#' => ['/bench', '', 'batch/Batch', ['batches/{id}', 'measures', 'catalogue']],
        '#^/labels/(\d{1,18})$#' => ['/bench', 'label', 'label/Label', ['batches/{id}']],
        '#^/recipes/write$#' => ['/bench', 'write-a-recipe', 'recipes/Write', ['household', 'catalogue']],
        '#^/recipes/compare$#' => ['/bench', 'compare-two-recipes', 'recipes/Compare', ['recipes', 'catalogue']],
        '#^/sums$#' => ['/bench', 'percent-and-parts', 'sums/Sums', ['household', 'catalogue']],
        '#^/plants$#' => ['/plants', 'plants', 'plants/Plants', ['rows', 'catalogue', 'courses']],
        '#^/plants/(\d{1,18})$#' => ['/plants', '', 'plants/Plant', ['plants/{id}', 'catalogue']],
        '#^/courses/new$#' => ['/plants', 'keep-many-clean', 'courses/NewCourse', ['courses', 'plants', 'catalogue']],
        '#^/courses/(\d{1,18})$#' => ['/plants', '', 'courses/Course', ['courses/{id}']],
        '#^/cases/(\d{1,18})$#' => ['/plants', '', 'cases/Case', ['cases/{id}']],
        '#^/cases/(\d{1,18})/choose$#' => ['/plants', '', 'choose/Choose', ['cases/{id}', 'shelf']],
        '#^/leaf-tests/(\d{1,18})$#' => ['/plants', '', 'leaf/LeafTest', ['leaf-tests/{id}', 'catalogue']],
        '#^/eye$#' => ['/plants', 'train-your-eye', 'leaf/Eye', ['eye', 'catalogue']],
        '#^/season$#' => ['/plants', 'season-in-five-minutes', 'season/SeasonScreen', []],
        '#^/look$#' => ['/plants', 'what-is-it', 'look/LookScreen', ['troubles', 'plants', 'catalogue']],
        '#^/trials$#' => ['/worked', 'trials', 'trials/Trials', ['trials']],
        '#^/trials/(\d{1,18})$#' => ['/worked', '', 'trials/Trial', ['trials/{id}']],
        '#^/worked$#' => ['/worked', 'what-worked', 'worked/Worked', ['worked']],
        '#^/shed$#' => ['/shed', 'shed', 'shed/Shed', ['sprayers', 'measures', 'recipes', 'catalogue', 'household', 'people']],
        '#^/shelf$#' => ['/shed', 'what-can-i-make', 'shelf/ShelfScreen', ['shelf', 'catalogue', 'cases']],
        '#^/sprayers/(\d{1,18})$#' => ['/shed', '', 'sprayer/SprayerScreen', ['sprayers', 'catalogue']],
    ];

    /** @param list<string> $asks addresses of the API */
    private function __construct(
        public string $place,
        /** Empty where only its record knows. */
        public string $heading,
        /** Its module, from the folder of screens. */
        public string $module,
        public array $asks,
    ) {}

    /** As the bench asks for it. */
    private static function opening(string $query): string
    {
        parse_str($query, $said);
        $meant = [];
        foreach (['again', 'case', 'plant', 'times', 'cup'] as $key) {
            if (is_string($said[$key] ?? null) && preg_match('/^(0\.\d{0,3}[1-9]|[1-9]\d{0,14})$/', $said[$key]) === 1) {
                $meant[] = "{$key}={$said[$key]}";
            }
        }

        return 'opening' . ($meant === [] ? '' : '?' . implode('&', $meant));
    }

    /** As the spray day asks for it. */
    private static function day(string $query): string
    {
        parse_str($query, $said);
        $spray = $said['spray'] ?? null;

        return is_string($spray) && preg_match('/^[a-z0-9-]{1,100}$/', $spray) === 1 ? "day?spray={$spray}" : 'day';
    }

    /** @param string $zone of the one who looks; empty while the page does not know it */
    public static function at(string $path, string $query, string $zone): ?self
    {
        foreach (self::ALL as $pattern => [$place, $heading, $module, $asks]) {
            if (preg_match($pattern, $path, $found) === 1) {
                $known = $zone === '' ? array_filter($asks, static fn(string $one): bool => ! str_contains($one, '{zone}')) : $asks;
                $filled = array_map(static fn(string $one): string => ('/api/' . strtr($one, ['{id}' => $found[1] ?? '', '{zone}' => rawurlencode($zone), '{opening}' => self::opening($query), '{day}' => self::day($query)])), $known);

                return new self($place, $heading === '' ? '' : Say::it("headings/{$heading}"), $module, array_values($filled));
            }
        }

        return null;
    }
}
