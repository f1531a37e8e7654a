<?php

declare(strict_types=1);

namespace App\Http;

use App\Http\Answer\StoryAnswer;
use App\Http\Answer\StoryEvent;
use DateTimeImmutable;
use DateTimeZone;
use IdleMixer\Core\Habit\Written;
use IdleMixer\Core\Words\Say;
use Illuminate\Http\Response;

/** A case as a page that holds all that it shows: it can be printed, kept and sent. */
final class StoryPage
{
    private const STYLE = <<<'CSS'
        body { font: 17px/1.5 system-ui, sans-serif; color: #16211c; background: #fff; margin: 0 auto; max-width: 46rem; padding: 1.5rem; }
        h1 { font-size: 1.7rem; line-height: 1.2; margin: 0 0 .3rem; } h2 { font-size: 1.2rem; margin: 1.6rem 0 .4rem; }
        svg { width: 100%; height: auto; } img { max-width: 100%; max-height: 22rem; display: block; margin: .4rem 0; }
        table { border-collapse: collapse; width: 100%; } td, th { text-align: left; vertical-align: top; padding: .35rem .6rem .35rem 0; border-bottom: 1px solid #8a948f; }
        th { white-space: nowrap; font-weight: 600; } .kind { white-space: nowrap; } .quiet { color: #4a5751; }
        @media (max-width: 40rem) { svg { overflow: visible; } svg text { font-size: 24px; } th, .kind { white-space: normal; } tbody th { min-width: 5.5rem; } }
        @media print { body { padding: 0; } tr, img, svg { break-inside: avoid; } }
        CSS;

    public static function show(StoryAnswer $story): Response
    {
        $zone = $story->zone ?? new DateTimeZone('UTC');
        $rows = implode("\n", array_map(static fn(StoryEvent $event): string => self::row($event, $zone), $story->events));
        $name = self::safe($story->name);
        $when = self::day($story->openedAt, $zone) . ($story->closedAt === null ? Say::it('calls/story-page.still-open') : Say::it('calls/story-page.to', ['day' => self::day($story->closedAt, $zone)]));
        $place = $story->place === '' ? '' : self::safe($story->place) . ', ';
        $style = self::STYLE;
        $curve = StoryCurve::draw($story);
        $caution = Say::it('calls/story-page.caution');
        $happened = Say::it('calls/story-page.what-happened');
        $at = Say::it('calls/story-page.when');
        $what = Say::it('calls/story-page.what');
        $page = <<<HTML
            <!doctype html>
            <html lang="en">
            <head><meta charset="utf-8"><meta name="viewport" content="width=device-width, initial-scale=1"><title>{$name}</title><style>{$style}</style></head>
            <body>
            <h1>{$name}</h1>
            <p class="quiet">{$place}{$when}. {$caution}</p>
            {$curve}
            <h2>{$happened}</h2>
            <table><thead><tr><th scope="col">{$at}</th><th scope="col">{$what}</th><th scope="col"></th></tr></thead><tbody>
            {$rows}
            </tbody></table>
            </body>
            </html>

            HTML;

        return new Response($page, 200, [
            'Content-Type' => 'text/html; charset=utf-8',
            'Content-Security-Policy' => "default-src 'none'; img-src data:; style-src 'sha256-" . base64_encode(hash('sha256', $style, true)) . "'; base-uri 'none'; form-action 'none'; frame-ancestors 'none'",
        ]);
    }

    private static function row(StoryEvent $event, DateTimeZone $zone): string
    {
        $kind = Say::it("story-kinds/{$event->kind}");
        $picture = $event->picture === null ? '' : '<img alt="' . self::safe($event->words) . '" src="data:image/jpeg;base64,' . self::safe($event->picture) . '">';

        return '<tr><th scope="row">' . Written::dayOfYear($event->at->setTimezone($zone)) . ', ' . Written::hour($event->at->setTimezone($zone)) . "</th><td class=\"kind\">{$kind}</td><td>" . self::safe($event->words) . $picture . '</td></tr>';
    }

    private static function day(DateTimeImmutable $at, DateTimeZone $zone): string
    {
        return Written::dayOfYear($at->setTimezone($zone));
    }

    private static function safe(string $text): string
    {
        return htmlspecialchars($text, \ENT_QUOTES | \ENT_SUBSTITUTE);
    }
}
