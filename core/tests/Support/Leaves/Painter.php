<?php

declare(strict_types=1);

namespace IdleMixer\Core\Tests\Support\Leaves;

use GdImage;
use Random\Engine\Mt19937;
use Random\Randomizer;

/** Paints a leaf whose injured area is counted, pixel by pixel, before light, paper and camera come over it. */
final class Painter
{
    public const COLOURS = ['green', 'dark-green', 'blue-green', 'purple', 'pale-veined', 'variegated'];

    /** Blade, its vein, and the colour beside it, by kind of leaf. */
    private const BLADES = [
        'green' => [[88, 132, 52], [118, 158, 84]],
        'dark-green' => [[44, 86, 40], [70, 112, 62]],
        'blue-green' => [[92, 134, 112], [122, 160, 138]],
        'purple' => [[92, 42, 72], [122, 66, 96]],
        'pale-veined' => [[70, 118, 58], [188, 206, 152]],
        'variegated' => [[74, 122, 56], [104, 148, 82]],
    ];

    private const CREAM = [232, 232, 188];

    private const INJURIES = [
        'yellow' => [[212, 196, 62], [198, 176, 52]],
        'brown' => [[112, 72, 40], [84, 52, 32]],
        'bleached' => [[228, 220, 192], [218, 206, 176]],
        'straw' => [[202, 178, 122], [186, 158, 104]],
    ];

    private const PAPERS = ['white' => [246, 246, 244], 'cream' => [248, 240, 220], 'lined' => [245, 245, 243], 'kraft' => [188, 152, 112], 'blue' => [158, 186, 220]];

    private readonly Randomizer $chance;

    private readonly int $wide;

    private readonly int $high;

    private GdImage $mask;

    /** @var list<string> class of each pixel of the blade, row by row; empty outside it */
    private array $tissue = [];

    private int $blade = 0;

    private int $injured = 0;

    private float $scale;

    private float $turn;

    /** @var array{float, float} */
    private array $middle;

    public function __construct(private readonly Made $made)
    {
        $this->chance = new Randomizer(new Mt19937($made->seed));
        [$this->wide, $this->high] = $this->between(0.0, 1.0) < 0.3 ? [640, 480] : [480, 640];
        $this->scale = min($this->wide, $this->high) * $this->between(0.36, 0.45);
        $this->turn = $this->between(-0.6, 0.6) + ($this->wide > $this->high ? M_PI / 2 : 0.0);
        $this->middle = [$this->wide * $this->between(0.47, 0.53), $this->high * $this->between(0.47, 0.53)];
        $this->mask = $this->canvas();
        foreach (Outline::of($made->shape) as $polygon) {
            imagefilledpolygon($this->mask, $this->points($polygon), 1);
        }
    }

    /** @return array{GdImage, float} the picture before the camera, and the injured share of the blade in percent */
    public function paint(): array
    {
        for ($y = 0; $y < $this->high; ++$y) {
            for ($x = 0; $x < $this->wide; ++$x) {
                $on = imagecolorat($this->mask, $x, $y) === 1;
                $this->tissue[] = $on ? 'healthy' : '';
                $this->blade += $on ? 1 : 0;
            }
        }
        $this->injure();
        $picture = $this->coloured();

        return [$picture, 100.0 * $this->injured / max(1, $this->blade)];
    }

    private function between(float $from, float $to): float
    {
        return $from + ($to - $from) * $this->chance->getInt(0, 1 << 24) / (1 << 24);
    }

    private function canvas(): GdImage
    {
        return imagecreatetruecolor($this->wide, $this->high);
    }

    /**
     * @param array{float, float} $point
     *
     * @return array{float, float}
     */
    private function place(array $point): array
    {
        [$x, $y] = [$point[0] * $this->scale * 1.15, -$point[1] * $this->scale * 1.15];

        return [$this->middle[0] + $x * cos($this->turn) - $y * sin($this->turn), $this->middle[1] + $x * sin($this->turn) + $y * cos($this->turn)];
    }

    /**
     * @param list<array{float, float}> $polygon
     *
     * @return list<int>
     */
    private function points(array $polygon): array
    {
        $flat = [];
        foreach ($polygon as $point) {
            [$x, $y] = $this->place($point);
            $flat[] = (int) round($x);
            $flat[] = (int) round($y);
        }

        return $flat;
    }

    private function injure(): void
    {
        $kinds = match ($this->made->injury) {
            'none' => [],
            'mixed' => ['brown', 'yellow', 'straw'],
            'holes' => ['missing'],
            'rim' => ['brown'],
            default => [$this->made->injury],
        };
        if ($kinds === []) {
            return;
        }
        $target = $this->made->share * $this->blade;
        if ($this->made->injury === 'rim') {
            $this->rim($target);
        }
        for ($try = 0; $try < 4000 && $this->injured < $target; ++$try) {
            $this->blob($kinds[$try % count($kinds)], $target);
        }
    }

    private function rim(float $target): void
    {
        $edge = $this->canvas();
        imagesetthickness($edge, $this->chance->getInt(5, 11));
        foreach (Outline::of($this->made->shape) as $polygon) {
            imagepolygon($edge, $this->points($polygon), 1);
        }
        $from = $this->between(-M_PI, M_PI);
        $arc = $this->between(1.5, 5.5);
        foreach ($this->tissue as $i => $class) {
            $x = $i % $this->wide;
            $y = intdiv($i, $this->wide);
            $angle = fmod(atan2($y - $this->middle[1], $x - $this->middle[0]) - $from + 4 * M_PI, 2 * M_PI);
            if ($class === 'healthy' && $angle < $arc && imagecolorat($edge, $x, $y) === 1 && $this->injured < $target) {
                $this->tissue[$i] = 'brown';
                ++$this->injured;
            }
        }
    }

    /** A patch with a wavy edge, somewhere on the blade. Holes stay off the edge, or they would be no holes. */
    private function blob(string $class, float $target): void
    {
        $most = sqrt(max(30.0, $target - $this->injured) / M_PI);
        $radius = min($most, $this->between(0.03, 0.03 + 0.25 * sqrt($this->made->share)) * $this->scale * 1.3);
        $cx = (int) $this->between(0.0, (float) $this->wide);
        $cy = (int) $this->between(0.0, (float) $this->high);
        if ($this->tissue[min($cy, $this->high - 1) * $this->wide + min($cx, $this->wide - 1)] !== 'healthy') {
            return;
        }
        $waves = [];
        for ($k = 2; $k < 7; ++$k) {
            $waves[] = [$k, $this->between(0.0, 0.35 / $k), $this->between(0.0, 2.0 * M_PI)];
        }
        $cells = [];
        $reach = (int) ceil($radius * 1.6);
        for ($y = max(0, $cy - $reach); $y < min($this->high, $cy + $reach); ++$y) {
            for ($x = max(0, $cx - $reach); $x < min($this->wide, $cx + $reach); ++$x) {
                $angle = atan2($y - $cy, $x - $cx);
                $edge = $radius;
                foreach ($waves as [$k, $high, $shift]) {
                    $edge += $radius * $high * sin($k * $angle + $shift);
                }
                if (hypot($x - $cx, $y - $cy) >= $edge) {
                    continue;
                }
                $i = $y * $this->wide + $x;
                if ($class === 'missing' && $this->tissue[$i] === '') {
                    return;
                }
                if ($this->tissue[$i] === 'healthy') {
                    $cells[] = $i;
                }
            }
        }
        if ($class === 'missing' && $this->touchesEdge($cells)) {
            return;
        }
        $this->tissue = array_values(array_replace($this->tissue, array_fill_keys($cells, $class)));
        $this->injured += count($cells);
    }

    /** @param list<int> $cells */
    private function touchesEdge(array $cells): bool
    {
        foreach ($cells as $i) {
            foreach ([-6, 6, -6 * $this->wide, 6 * $this->wide] as $step) {
                if (($this->tissue[$i + $step] ?? '') === '') {
                    return true;
                }
            }
        }

        return false;
    }

    private function coloured(): GdImage
    {
        $out = $this->canvas();
        $low = Noise::field($this->chance, $this->wide, $this->high, 60);
        $mid = Noise::field($this->chance, $this->wide, $this->high, 14);
        $fine = Noise::field($this->chance, $this->wide, $this->high, 3);
        $cream = Noise::field($this->chance, $this->wide, $this->high, 80);
        $veins = $this->veins();
        $things = $this->things();
        $light = new Light($this->made->light, $this->chance, $this->wide, $this->high, $this->middle, $this->scale);
        $shadow = $this->ownShadow();
        [$blade, $vein] = self::BLADES[$this->made->colour];
        $paper = self::PAPERS[$this->made->paper];
        $curl = in_array('curled', $this->made->beside, true) ? $this->curl() : null;
        $shift = [$this->between(-8.0, 8.0), $this->between(-8.0, 8.0), $this->between(-6.0, 6.0)];
        foreach ($this->tissue as $i => $class) {
            $x = $i % $this->wide;
            $y = intdiv($i, $this->wide);
            $l = ((imagecolorat($low, $x, $y) & 255) - 128) / 128.0;
            $m = ((imagecolorat($mid, $x, $y) & 255) - 128) / 128.0;
            $f = ((imagecolorat($fine, $x, $y) & 255) - 128) / 128.0;
            if ($class === '' || $class === 'missing') {
                $thing = imagecolorat($things, $x, $y);
                $dim = $class === '' ? 1.0 - 0.3 * (imagecolorat($shadow, $x, $y) & 255) / 255.0 : 0.93;
                $colour = $thing > 0 ? [($thing >> 16) & 255, ($thing >> 8) & 255, $thing & 255] : $this->paperAt($paper, $x, $y);
                $tone = $dim * (1.0 + 0.012 * $f);
                $sheen = 0.0;
            } else {
                $v = (imagecolorat($veins, $x, $y) & 255) / 255.0;
                $colour = [];
                $green = $this->made->colour === 'variegated' && (imagecolorat($cream, $x, $y) & 255) > 168 ? self::CREAM : $blade;
                foreach ([0, 1, 2] as $c) {
                    $colour[$c] = $green[$c] + $shift[$c] * ($green === self::CREAM ? 0.25 : 1.0) + ($vein[$c] - $blade[$c]) * $v * ($green === self::CREAM ? 0.3 : 1.0);
                }
                $tone = 1.0 + 0.1 * $l + 0.07 * $m + 0.05 * $f;
                $sheen = max(0.0, 0.22 * $l * abs($m) + 0.1 * $l);
                if ($curl !== null && (imagecolorat($curl, $x, $y) & 255) > 0) {
                    $colour = array_map(static fn(float $one): float => 0.72 * $one + 48.0, $colour);
                    $sheen = 0.0;
                }
                if (isset(self::INJURIES[$class])) {
                    [$from, $to] = self::INJURIES[$class];
                    $share = 0.5 + 0.5 * $m;
                    $colour = [$from[0] + ($to[0] - $from[0]) * $share, $from[1] + ($to[1] - $from[1]) * $share, $from[2] + ($to[2] - $from[2]) * $share];
                    $tone = 1.0 + 0.06 * $l + 0.05 * $f;
                    $sheen = 0.0;
                } elseif ($class === 'wet') {
                    $colour = [$colour[0] * 0.55, $colour[1] * 0.62, $colour[2] * 0.58];
                    $tone = 1.0 + 0.05 * $l + 0.03 * $f;
                    $sheen = 0.0;
                }
            }
            [$gain, $glare] = $light->at($x, $y, $class !== '');
            $rgb = 0;
            foreach ([0, 1, 2] as $c) {
                $value = $colour[$c] * $tone;
                $value += (235.0 - $value) * $sheen;
                $value *= $gain[$c];
                $value += (250.0 - $value) * $glare;
                $rgb = ($rgb << 8) | (int) max(0.0, min(255.0, $value));
            }
            imagesetpixel($out, $x, $y, $rgb);
        }

        return $out;
    }

    /**
     * @param array{int, int, int} $paper
     *
     * @return array{int, int, int}
     */
    private function paperAt(array $paper, int $x, int $y): array
    {
        if ($this->made->paper === 'lined') {
            return $y % 34 < 2 ? [158, 184, 214] : ($x > 30 && $x < 33 ? [222, 150, 150] : $paper);
        }

        return $paper;
    }

    private function veins(): GdImage
    {
        $veins = $this->canvas();
        foreach (Outline::veins($this->made->shape) as $n => [$from, $to]) {
            $a = $this->place($from);
            $b = $this->place($to);
            imagesetthickness($veins, $n === 0 ? 5 : ($this->made->colour === 'pale-veined' ? 4 : 2));
            imageline($veins, (int) $a[0], (int) $a[1], (int) $b[0], (int) $b[1], 0xFFFFFF);
        }
        imagefilter($veins, IMG_FILTER_GAUSSIAN_BLUR);

        return $veins;
    }

    private function ownShadow(): GdImage
    {
        $shadow = $this->canvas();
        [$dx, $dy] = [$this->chance->getInt(-5, 5), $this->chance->getInt(-5, 5)];
        imagecopy($shadow, $this->mask, $dx, $dy, 0, 0, $this->wide, $this->high);
        for ($y = 0; $y < $this->high; ++$y) {
            for ($x = 0; $x < $this->wide; ++$x) {
                if (imagecolorat($shadow, $x, $y) === 1) {
                    imagesetpixel($shadow, $x, $y, 0xFFFFFF);
                }
            }
        }
        foreach (range(1, 5) as $again) {
            imagefilter($shadow, IMG_FILTER_GAUSSIAN_BLUR);
        }

        return $shadow;
    }

    /** The edge on one side turned over: paler, and nothing is wrong with it. */
    private function curl(): GdImage
    {
        $curl = $this->canvas();
        imagesetthickness($curl, 12);
        $polygon = Outline::of($this->made->shape)[0];
        $count = count($polygon);
        $from = $this->chance->getInt(0, $count - 1);
        for ($k = 0; $k < intdiv($count, 6); ++$k) {
            $a = $this->place($polygon[($from + $k) % $count]);
            $b = $this->place($polygon[($from + $k + 1) % $count]);
            imageline($curl, (int) $a[0], (int) $a[1], (int) $b[0], (int) $b[1], 0xFFFFFF);
        }

        return $curl;
    }

    /** Stalk, label and ruler beside the blade; black where there is nothing. */
    private function things(): GdImage
    {
        $things = $this->canvas();
        if (in_array('petiole', $this->made->beside, true) && $this->made->shape !== 'compound') {
            $bottom = ['round' => -0.8, 'lobed' => -0.2, 'heart' => -0.28][$this->made->shape] ?? -0.98;
            $a = $this->place([0.0, $bottom + 0.06]);
            $b = $this->place([0.06, $bottom - 0.3]);
            imagesetthickness($things, 5);
            imageline($things, (int) $a[0], (int) $a[1], (int) $b[0], (int) $b[1], (124 << 16) | (140 << 8) | 82);
        }
        if (in_array('label', $this->made->beside, true)) {
            imagefilledrectangle($things, 12, 12, 92, 44, (252 << 16) | (240 << 8) | 170);
            imagestring($things, 3, 18, 20, 'leaf 2', 0x303030);
        }
        if (in_array('ruler', $this->made->beside, true)) {
            $y = $this->high - 34;
            imagefilledrectangle($things, 20, $y, $this->wide - 60, $y + 22, (226 << 16) | (190 << 8) | 110);
            for ($x = 24; $x < $this->wide - 64; $x += 9) {
                imageline($things, $x, $y, $x, $y + 8, 0x202020);
            }
        }
        // What would lie over the blade lies beside it.
        return $things;
    }
}
