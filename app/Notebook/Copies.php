<?php

declare(strict_types=1);

namespace App\Notebook;

use DateTimeImmutable;

/** The copies that are kept beside a notebook. */
final readonly class Copies
{
    /** So many days back, ours. */
    public const DAYS = 7;

    public function __construct(private Places $places, private Copier $copier, private Inspector $inspector) {}

    /** @return string where it is */
    public function make(string $why, DateTimeImmutable $at): string
    {
        $path = $this->free($why, $at);
        $this->copier->copy($this->places->notebook, $path);

        return $path;
    }

    /** Today's copy, once a day; the eldest make room. Null where today's is there. */
    public function daily(DateTimeImmutable $at): ?string
    {
        $path = $this->places->copy('daily', $at->format('Y-m-d'));
        if (is_file($path)) {
            return null;
        }
        Files::folder($this->places->copies);
        $this->copier->copy($this->places->notebook, $path);
        $all = $this->all('daily');
        foreach (array_slice($all, 0, max(0, count($all) - self::DAYS)) as $old) {
            Files::remove($old);
        }

        return $path;
    }

    /** Moves away what stands at the place of the notebook, or copies it out where it opens. Null where nothing does. */
    public function setAside(string $why, DateTimeImmutable $at): ?string
    {
        $found = $this->inspector->look($this->places->notebook)->condition;
        if ($found === Condition::Absent) {
            return null;
        }
        if ($found->opens() || $found === Condition::Newer) {
            return $this->make($why, $at);
        }
        $path = $this->free($why, $at);
        foreach (['', ...Files::BESIDE] as $beside) {
            if (file_exists($this->places->notebook . $beside)) {
                Files::replace($path . $beside, $this->places->notebook . $beside);
            }
        }

        return $path;
    }

    /** The newest copy that opens; null where there is none. */
    public function newest(): ?string
    {
        $all = $this->all('*');
        usort($all, static fn(string $a, string $b): int => filemtime($b) <=> filemtime($a));
        foreach ($all as $path) {
            if (! str_starts_with(basename($path), 'rescued-') && $this->inspector->look($path)->condition->opens()) {
                return $path;
            }
        }

        return null;
    }

    /** @return list<string> earliest first */
    private function all(string $why): array
    {
        $found = glob($this->places->copy($why, '*'));

        return $found === false ? [] : $found;
    }

    private function free(string $why, DateTimeImmutable $at): string
    {
        Files::folder($this->places->copies);
        $path = $this->places->copy($why, $at->format('Ymd-His'));
        for ($i = 2; file_exists($path); ++$i) {
            $path = $this->places->copy($why, $at->format('Ymd-His') . "-{$i}");
        }

        return $path;
    }
}
