<?php

declare(strict_types=1);

namespace IdleMixer\Core\Wording;

use IdleMixer\Core\Quantity\Unit;
use IdleMixer\Core\WayOut\Remedy;
use IdleMixer\Core\WayOut\RemedyKind;
use IdleMixer\Core\Work\Load;

/** Puts a way out into words. */
final readonly class WayOutWords
{
    /** @param array<string, array{title: string, text: string}|string> $words */
    public function __construct(private array $words) {}

    public static function shipped(): self
    {
        /** @var array<string, array{title: string, text: string}|string> $words */
        $words = require __DIR__ . '/../../data/way-out-words.php';

        return new self($words);
    }

    /**
     * @return array{title: string, text: string}
     *
     * @throws MissingWords when the catalogue lacks the sentence
     */
    public function remedy(Remedy $remedy, Load $load, Unit $unit): array
    {
        $row = $this->row($remedy->kind);
        $text = strtr($row['text'], [
            '{items}' => $this->items($remedy, $load),
            '{water}' => Measures::metric($remedy->water),
            '{off}' => Measures::metric($remedy->pourOff),
            '{times}' => implode(' to ', array_unique([Figures::short($remedy->weakest), Figures::short($remedy->strongest)])),
            '{finished}' => Measures::volume($remedy->finished, $unit),
        ]);

        return ['title' => $row['title'], 'text' => "{$text}{$this->ending($remedy)}"];
    }

    /** @throws MissingWords when the catalogue lacks the sentence */
    public function title(RemedyKind $kind): string
    {
        return $this->row($kind)['title'];
    }

    /** @return array{title: string, text: string} */
    private function row(RemedyKind $kind): array
    {
        $row = $this->words[$kind->value] ?? null;

        return is_array($row) ? $row : throw MissingWords::becauseOf($kind->value);
    }

    private function ending(Remedy $remedy): string
    {
        if (in_array($remedy->kind, [RemedyKind::AsItIs, RemedyKind::WithinLimits, RemedyKind::Drench, RemedyKind::Discard], true)) {
            return '';
        }
        $key = $remedy->asPlanned ? 'as-planned' : 'within';
        $words = $this->words[$key] ?? null;

        return is_string($words) ? " {$words}" : throw MissingWords::becauseOf($key);
    }

    private function items(Remedy $remedy, Load $load): string
    {
        $parts = [];
        foreach ($remedy->add as $key => $plan) {
            $parts[] = Measures::scoops($plan) . ' of ' . $load->items[$key]->name() . ' (' . Measures::metric($plan->millilitres()) . ')';
        }
        if ($remedy->water > 0.0) {
            $parts[] = Measures::metric($remedy->water) . ' of water';
        }

        return implode(', then ', $parts);
    }
}
