<?php

declare(strict_types=1);

namespace IdleMixer\Core\Photo;

use IdleMixer\Core\Data\PhotoLines;

/** What each point of a leaf is made of, told against its healthy colour. */
final class TissueMap
{
    /**
     * @return array{array<int, Tissue>, array{float, float, float}} class by point of the blade; and the injured shares, 0 to 1, with the line moved down, kept, and moved up
     */
    public static function of(FoundLeaf $leaf, Reading $reading): array
    {
        $points = array_keys(array_filter($leaf->blade->on));
        $strict = PhotoLines::STRICTER['value'] * $reading->strictness;
        $line = self::line($leaf->healthy) + ($leaf->healthy->purple ? 0.0 : $strict);
        $move = PhotoLines::MOVED_HUE['value'];
        $with = static fn(float $by): array => self::classes($leaf, $points, $line + $by, ($leaf->healthy->purple ? $strict : 0.0) + $by);
        $classes = $with(0.0);
        $cream = Cream::among($leaf, $classes);
        // How the share moves with the line says nothing of cream, which lies on the line and is told by its patches.
        $shares = [self::telling($leaf, $with(-$move), $cream), self::telling($leaf, $classes, $cream), self::telling($leaf, $with($move), $cream)];
        foreach ($cream as $i) {
            $classes[$i] = Tissue::Healthy;
        }
        foreach (WetTissue::among($leaf, $classes) as $i) {
            $classes[$i] = Tissue::Wet;
        }
        $classes = HalfWay::of($leaf, self::outline($leaf, $classes), array_fill_keys($cream, true));
        foreach (Glare::points($leaf, $classes) as $i) {
            $classes[$i] = Tissue::LeftOut;
        }

        return [self::corrected($leaf->blade, self::settled($leaf->blade, $classes), $reading), $shares];
    }

    /**
     * @param array<int, Tissue> $classes
     * @param list<int>          $cream
     */
    private static function telling(FoundLeaf $leaf, array $classes, array $cream): float
    {
        return self::injured($cream === [] ? $classes : array_filter($classes, static fn(int $i): bool => ! Cream::isCream($leaf->colours, $i), ARRAY_FILTER_USE_KEY));
    }

    /** @param array<int, Tissue> $classes */
    private static function injured(array $classes): float
    {
        $hurt = 0;
        $all = 0;
        foreach ($classes as $class) {
            $hurt += $class->isInjured() ? 1 : 0;
            $all += $class === Tissue::LeftOut ? 0 : 1;
        }

        return $hurt / max(1, $all);
    }

    /** The hue below which a green leaf is hurt, in degrees. */
    private static function line(HealthyColour $healthy): float
    {
        $yellow = PhotoLines::YELLOW['value'];

        return $healthy->purple ? $yellow : $yellow + PhotoLines::TOWARDS_HEALTHY['value'] * ($healthy->hue - $yellow);
    }

    /**
     * @param list<int> $points
     *
     * @return array<int, Tissue>
     */
    private static function classes(FoundLeaf $leaf, array $points, float $line, float $strict): array
    {
        [$lightness, $chroma, $hue] = [$leaf->colours->lightness, $leaf->colours->chroma, $leaf->colours->hue];
        $purple = $leaf->healthy->purple;
        $grey = PhotoLines::GREY['value'];
        // On a purple leaf the healthy hues run from blue over red to where brown begins.
        $brown = PhotoLines::PURPLE_TO['value'] + PhotoLines::PURPLE_ROOM['value'] - $strict;
        $healthy = max(PhotoLines::FAINT['value'] * $leaf->healthy->chroma, $grey);
        $out = [];
        foreach ($points as $i) {
            $l = $lightness[$i];
            $c = $chroma[$i];
            $h = $hue[$i];
            $off = $purple ? $h > $brown && $h < PhotoLines::NEVER_BROWN['value'] : $h < $line || $h > PhotoLines::RED_FROM['value'];
            if ($c < $grey) {
                $off = $l > PhotoLines::PALE['value'] || $healthy > $grey;
            }
            $out[$i] = match (true) {
                ! $off => Tissue::Healthy,
                $c > PhotoLines::YELLOW_CHROMA['value'] && $l > PhotoLines::YELLOW_LIGHT['value'] && $h > PhotoLines::YELLOW_FROM['value'] => Tissue::Yellow,
                $l > PhotoLines::PALE['value'] => Tissue::Bleached,
                default => Tissue::Brown,
            };
        }

        return $out;
    }

    /**
     * Half the light at the outline is the paper's: its points take the class of those just inside.
     *
     * @param array<int, Tissue> $classes
     *
     * @return array<int, Tissue>
     */
    private static function outline(FoundLeaf $leaf, array $classes): array
    {
        $blade = $leaf->blade;
        $mixes = $leaf->paper->isColoured();
        $deep = $blade->distances();
        $w = $blade->width;
        $reach = PhotoLines::OUTLINE['value'] + ($mixes ? 1 : 0);
        $outer = [];
        foreach ($classes as $i => $class) {
            if ($deep[$i] <= $reach || ($deep[$i] <= PhotoLines::WET_OUTLINE['value'] && $class === Tissue::Healthy)) {
                $outer[(int) round(3.0 * $deep[$i])][] = $i;
            }
        }
        krsort($outer);
        foreach ($outer as $ring) {
            foreach ($ring as $i) {
                // Green and white paper make pale green, never brown or yellow; with brown paper they do.
                if (! $mixes && ($classes[$i] === Tissue::Brown || $classes[$i] === Tissue::Yellow)) {
                    continue;
                }
                $best = $i;
                foreach ([-$w - 1, -$w, -$w + 1, -1, 1, $w - 1, $w, $w + 1] as $step) {
                    if (($deep[$i + $step] ?? 0.0) > $deep[$best]) {
                        $best = $i + $step;
                    }
                }
                $inner = $classes[$best] ?? $classes[$i];
                if ($deep[$i] <= $reach || $inner === Tissue::Wet) {
                    $classes[$i] = $inner;
                }
            }
        }

        return $classes;
    }

    /**
     * A point that stands alone among others is noise.
     *
     * @param array<int, Tissue> $classes
     *
     * @return array<int, Tissue>
     */
    private static function settled(Mask $blade, array $classes): array
    {
        $w = $blade->width;
        $out = $classes;
        foreach ($classes as $i => $class) {
            $votes = [];
            foreach ([-$w - 1, -$w, -$w + 1, -1, 0, 1, $w - 1, $w, $w + 1] as $step) {
                if (isset($classes[$i + $step])) {
                    $code = $classes[$i + $step]->value;
                    $votes[$code] = ($votes[$code] ?? 0) + 1;
                }
            }
            if (count($votes) > 1) {
                arsort($votes);
                $most = array_key_first($votes);
                if ($votes[$most] > ($votes[$class->value] ?? 0)) {
                    $out[$i] = Tissue::from($most);
                }
            }
        }

        return $out;
    }

    /**
     * @param array<int, Tissue> $classes
     *
     * @return array<int, Tissue>
     */
    private static function corrected(Mask $blade, array $classes, Reading $reading): array
    {
        $long = max($blade->width, $blade->height);
        foreach ([[$reading->healthy, Tissue::Healthy], [$reading->leaveOut, Tissue::LeftOut]] as [$circles, $as]) {
            foreach ($circles as [$cx, $cy, $radius]) {
                foreach ($classes as $i => $class) {
                    if (hypot($i % $blade->width - $cx * $blade->width, intdiv($i, $blade->width) - $cy * $blade->height) <= $radius * $long) {
                        $classes[$i] = $as;
                    }
                }
            }
        }

        return $classes;
    }
}
