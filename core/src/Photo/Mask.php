<?php

declare(strict_types=1);

namespace IdleMixer\Core\Photo;

/** A set of points of a picture, and what is done with such sets. */
final readonly class Mask
{
    /** @param list<bool> $on width x height of them */
    public function __construct(public int $width, public int $height, public array $on) {}

    public function area(): int
    {
        return count(array_filter($this->on));
    }

    /** What is wider than twice the radius, without its thin parts. */
    public function opened(int $radius): self
    {
        $inner = $this->distances();
        $seed = array_map(static fn(float $d): bool => $d > $radius, $inner);
        $back = (new self($this->width, $this->height, array_map(static fn(bool $on): bool => ! $on, $seed)))->distances();

        return new self($this->width, $this->height, array_map(static fn(bool $on, float $d): bool => $on && $d <= $radius + 0.5, $this->on, $back));
    }

    /** With its gaps that are narrower than twice the radius. */
    public function closed(int $radius): self
    {
        $out = (new self($this->width, $this->height, array_map(static fn(bool $on): bool => ! $on, $this->on)))->distances();
        $wide = new self($this->width, $this->height, array_map(static fn(float $d): bool => $d <= $radius, $out));
        $in = $wide->distances();

        return new self($this->width, $this->height, array_map(static fn(bool $on, float $d): bool => $on || $d > $radius, $this->on, $in));
    }

    /** @return list<float> for each point of the set, how far the nearest point outside is; 0 outside. Chamfer 3-4, by 3; the picture's edge is no outside. */
    public function distances(): array
    {
        $w = $this->width;
        $far = 1 << 20;
        $d = [];
        foreach ($this->on as $on) {
            $d[] = $on ? $far : 0;
        }
        $count = count($d);
        for ($i = 0; $i < $count; ++$i) {
            if ($d[$i] === 0) {
                continue;
            }
            $x = $i % $w;
            $best = $d[$i];
            if ($x > 0 && $d[$i - 1] + 3 < $best) {
                $best = $d[$i - 1] + 3;
            }
            if ($i >= $w) {
                if ($d[$i - $w] + 3 < $best) {
                    $best = $d[$i - $w] + 3;
                }
                if ($x > 0 && $d[$i - $w - 1] + 4 < $best) {
                    $best = $d[$i - $w - 1] + 4;
                }
                if ($x < $w - 1 && $d[$i - $w + 1] + 4 < $best) {
                    $best = $d[$i - $w + 1] + 4;
                }
            }
            $d[$i] = $best;
        }
        $out = [];
        for ($i = $count - 1; $i >= 0; --$i) {
            if ($d[$i] !== 0) {
                $x = $i % $w;
                $best = $d[$i];
                if ($x < $w - 1 && $d[$i + 1] + 3 < $best) {
                    $best = $d[$i + 1] + 3;
                }
                if ($i + $w < $count) {
                    if ($d[$i + $w] + 3 < $best) {
                        $best = $d[$i + $w] + 3;
                    }
                    if ($x < $w - 1 && $d[$i + $w + 1] + 4 < $best) {
                        $best = $d[$i + $w + 1] + 4;
                    }
                    if ($x > 0 && $d[$i + $w - 1] + 4 < $best) {
                        $best = $d[$i + $w - 1] + 4;
                    }
                }
                $d[$i] = $best;
            }
        }
        foreach ($d as $value) {
            $out[] = $value / 3.0;
        }

        return $out;
    }

    /** Every second point of every second row. */
    public function halved(): self
    {
        $width = intdiv($this->width, 2);
        $height = intdiv($this->height, 2);
        $on = [];
        for ($y = 0; $y < $height; ++$y) {
            for ($x = 0; $x < $width; ++$x) {
                $on[] = $this->on[2 * $y * $this->width + 2 * $x];
            }
        }

        return new self($width, $height, $on);
    }

    /** @return list<list<int>> the pieces that hang together by their sides, each as its points, largest first */
    public function pieces(): array
    {
        $w = $this->width;
        $count = count($this->on);
        $left = $this->on;
        $all = [];
        for ($start = 0; $start < $count; ++$start) {
            if (! $left[$start]) {
                continue;
            }
            $left[$start] = false;
            $piece = [$start];
            for ($k = 0; $k < count($piece); ++$k) {
                $i = $piece[$k];
                $x = $i % $w;
                if ($x > 0 && $left[$i - 1]) {
                    $left[$i - 1] = false;
                    $piece[] = $i - 1;
                }
                if ($x < $w - 1 && $left[$i + 1]) {
                    $left[$i + 1] = false;
                    $piece[] = $i + 1;
                }
                if ($i >= $w && $left[$i - $w]) {
                    $left[$i - $w] = false;
                    $piece[] = $i - $w;
                }
                if ($i + $w < $count && $left[$i + $w]) {
                    $left[$i + $w] = false;
                    $piece[] = $i + $w;
                }
            }
            $all[] = $piece;
        }
        usort($all, static fn(array $a, array $b): int => count($b) <=> count($a));

        return $all;
    }

    /** @param list<int> $points */
    public function only(array $points): self
    {
        $on = array_fill(0, count($this->on), false);
        foreach ($points as $i) {
            $on[$i] = true;
        }

        return new self($this->width, $this->height, array_values($on));
    }

    /** @return list<list<int>> what is not of the set and is shut in by it */
    public function holes(): array
    {
        $outside = new self($this->width, $this->height, array_map(static fn(bool $on): bool => ! $on, $this->on));
        $last = $this->height - 1;

        return array_values(array_filter($outside->pieces(), function (array $piece) use ($last): bool {
            foreach ($piece as $i) {
                $x = $i % $this->width;
                $y = intdiv($i, $this->width);
                if ($x === 0 || $y === 0 || $x === $this->width - 1 || $y === $last) {
                    return false;
                }
            }

            return true;
        }));
    }
}
