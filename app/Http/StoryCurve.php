<?php

declare(strict_types=1);

namespace App\Http;

use App\Http\Answer\StoryAnswer;
use App\Http\Answer\StoryEvent;
use DateTimeImmutable;
use DateTimeZone;
use IdleMixer\Core\Habit\Written;
use IdleMixer\Core\Wording\Figures;
use IdleMixer\Core\Words\Say;

/** Draws the counts of a case over time, with what was done and what fell on it. Shapes tell things apart, not colours. */
final class StoryCurve
{
    private const WIDTH = 720.0;

    private const HEIGHT = 320.0;

    private const LEFT = 52.0;

    private const TOP = 40.0;

    private const BOTTOM = 250.0;

    private const MOST_BAR = 50.0;

    private function __construct(private float $from, private float $span, private float $most, private DateTimeZone $zone) {}

    public static function draw(StoryAnswer $story): string
    {
        $times = array_map(static fn(StoryEvent $event): float => (float) $event->at->getTimestamp(), $story->events);
        $values = array_filter(array_map(static fn(StoryEvent $event): ?float => $event->value, $story->events), is_float(...));
        if ($values === [] || $times === []) {
            return '<p>' . Say::it('calls/story-curve.nothing-counted-yet') . '</p>';
        }
        $curve = new self(min($times), max(1.0, max($times) - min($times)), max(1.0, ...array_values($values)), $story->zone ?? new DateTimeZone('UTC'));
        $parts = [...$curve->axes($story->counted), ...$curve->rain($story), ...$curve->lines($story->events), ...$curve->marks($story->events)];
        $told = htmlspecialchars(Say::it('calls/story-curve.over-time-table-below-has', ['counted' => $story->counted]));

        return '<svg viewBox="0 0 ' . self::WIDTH . ' ' . self::HEIGHT . '" role="img" aria-label="' . $told . '" font-family="system-ui, sans-serif" font-size="14">' . implode('', $parts) . '</svg>'
            . '<p class="quiet">' . Say::it('calls/story-curve.legend') . '</p>';
    }

    /** @return list<string> */
    private function axes(string $counted): array
    {
        $parts = ['<text x="' . (self::LEFT + 8.0) . '" y="' . (self::BOTTOM + 58.0) . '">' . htmlspecialchars($counted) . '</text>'];
        foreach ([0.0, 0.5, 1.0] as $share) {
            $y = self::BOTTOM - $share * (self::BOTTOM - self::TOP);
            $parts[] = '<path d="M' . self::LEFT . " {$y}H" . (self::WIDTH - 8.0) . '" stroke="#8a948f" fill="none"/><text x="' . (self::LEFT - 8.0) . '" y="' . ($y + 5.0) . '" text-anchor="end">' . Figures::short($share * $this->most) . '</text>';
        }
        foreach ([0.0, 0.5, 1.0] as $i => $share) {
            $at = Written::day((new DateTimeImmutable('@' . (int) ($this->from + $share * $this->span)))->setTimezone($this->zone));
            $parts[] = '<text x="' . (self::LEFT + 8.0 + $share * (self::WIDTH - self::LEFT - 24.0)) . '" y="' . (self::BOTTOM + 28.0) . '" text-anchor="' . ['start', 'middle', 'end'][$i] . "\">{$at}</text>";
        }

        return $parts;
    }

    /** @return list<string> */
    private function rain(StoryAnswer $story): array
    {
        $parts = [];
        foreach ($story->rain as $day) {
            $parts[] = '<path d="M' . $this->x($day->at) . ' ' . self::TOP . 'v' . min(self::MOST_BAR, 2.0 * $day->millimetres) . '" stroke="#5b6f86" stroke-width="5" fill="none"/>';
        }

        return $parts;
    }

    /**
     * @param list<StoryEvent> $events
     *
     * @return list<string>
     */
    private function lines(array $events): array
    {
        $parts = [];
        foreach (['count' => '', 'untreated' => ' stroke-dasharray="7 5"'] as $kind => $dashes) {
            $points = array_map(fn(StoryEvent $event): string => $this->x($event->at) . ' ' . $this->y($event->value ?? 0.0), array_values(array_filter($events, static fn(StoryEvent $event): bool => $event->kind === $kind)));
            if ($points !== []) {
                $parts[] = '<path d="M' . implode('L', $points) . "\" fill=\"none\" stroke=\"#16211c\" stroke-width=\"2.5\"{$dashes}/>";
            }
        }

        return $parts;
    }

    /**
     * @param list<StoryEvent> $events
     *
     * @return list<string>
     */
    private function marks(array $events): array
    {
        $parts = [];
        $round = 0;
        foreach ($events as $event) {
            $x = $this->x($event->at);
            $y = $this->y($event->value ?? 0.0);
            $parts[] = match ($event->kind) {
                'count' => "<circle cx=\"{$x}\" cy=\"{$y}\" r=\"5\" fill=\"#16211c\"/>",
                'untreated' => '<rect x="' . ($x - 5.0) . '" y="' . ($y - 5.0) . '" width="10" height="10" fill="#fff" stroke="#16211c" stroke-width="2"/>',
                'round' => "<path d=\"M{$x} " . (self::TOP - 8.0) . 'l-7 -13h14z" fill="#16211c"/><text x="' . ($x + 9.0) . '" y="' . (self::TOP - 10.0) . '">' . ++$round . ($event->handWork ? ' H' : '') . "</text><path d=\"M{$x} " . self::TOP . 'V' . self::BOTTOM . '" stroke="#16211c" stroke-dasharray="2 5" fill="none"/>',
                'burn' => "<text x=\"{$x}\" y=\"" . (self::BOTTOM - 6.0) . '" text-anchor="middle" font-weight="700">B</text>',
                default => '',
            };
        }

        return $parts;
    }

    private function x(DateTimeImmutable $at): float
    {
        return round(self::LEFT + 8.0 + ($at->getTimestamp() - $this->from) / $this->span * (self::WIDTH - self::LEFT - 24.0), 1);
    }

    private function y(float $value): float
    {
        return round(self::BOTTOM - $value / $this->most * (self::BOTTOM - self::TOP), 1);
    }
}
