<?php

declare(strict_types=1);

namespace IdleMixer\Core\Weather;

use IdleMixer\Core\Data\InputLines;
use IdleMixer\Core\Data\WeatherLines;
use IdleMixer\Core\Document\InvalidDocument;
use IdleMixer\Core\Document\JsonText;
use IdleMixer\Core\Document\Node;
use IdleMixer\Core\Words\Say;

/** The weather of the hour in which something was done, as a record keeps it: figures and who told them, no sentence. */
final readonly class KeptWeather
{
    private const LONGEST = InputLines::LONGEST_NOTES['value'];

    private function __construct(
        /** °C; null where only the words of an older record are there, and do not say it. */
        public ?float $celsius,
        /** Percent. */
        public ?float $humidity,
        /** km/h. */
        public ?float $wind,
        /** mm in the hour. */
        public ?float $rain,
        public ?TellerKind $teller,
        /** What the teller is called in this household; empty where it has no name. */
        public string $name,
        /** The sentence of an older record, where it cannot be told anew from figures. */
        public string $said,
    ) {}

    public static function of(ToldHour $hour, Teller $teller): self
    {
        $rounded = static fn(?float $value, int $figures = 1): ?float => $value === null ? null : round($value, $figures);

        return new self($rounded($hour->temperature), $rounded($hour->humidity), $rounded($hour->wind), $rounded($hour->rain, 2), $teller->kind, $teller->name, '');
    }

    /**
     * Of a record that kept a sentence: “21 °C, 60 % humid, wind 6 km/h, rain 0.4 mm (the file June)”.
     */
    public static function ofWords(string $said): self
    {
        $sentence = Say::all('reading/kept-weather');
        $found = [];
        if (preg_match($sentence['sentence'], $said, $found, \PREG_UNMATCHED_AS_NULL) !== 1) {
            return new self(null, null, null, null, null, '', $said);
        }
        $figure = static fn(string $what): ?float => isset($found[$what]) ? (float) $found[$what] : null;
        $by = $found['by'] ?? '';
        $teller = match (true) {
            $by === '' => null,
            str_starts_with($by, $sentence['door']) => TellerKind::Door,
            str_starts_with($by, $sentence['file']) => TellerKind::File,
            default => TellerKind::Station,
        };
        $name = $teller === null || $teller === TellerKind::Station ? '' : substr($by, strlen($sentence[$teller->value]));

        return new self($figure('celsius'), $figure('humidity'), $figure('wind'), $figure('rain'), $teller, $name, '');
    }

    /**
     * What a column holds: a document of its own, or a sentence where it was written before there was one.
     */
    public static function kept(string $column): ?self
    {
        if ($column === '') {
            return null;
        }
        try {
            return str_starts_with($column, '{') ? self::read(JsonText::parse($column)) : self::ofWords($column);
        } catch (InvalidDocument) {
            return self::ofWords($column);
        }
    }

    /**
     * @param Node $node the document, or the sentence of an older one
     *
     * @throws InvalidDocument
     */
    public static function read(Node $node): self
    {
        if ($node->isString()) {
            return self::ofWords($node->text(self::LONGEST));
        }
        $row = $node->object(['celsius', 'humidity', 'wind', 'rain', 'teller', 'name', 'said']);
        $teller = $row->filled('teller')?->word(array_column(TellerKind::cases(), 'value'), 'teller');

        return new self(
            $row->filled('celsius')?->number(),
            $row->filled('humidity')?->countUpTo(100.0),
            $row->filled('wind')?->countUpTo(WeatherLines::MOST_WIND['value']),
            $row->filled('rain')?->countUpTo(WeatherLines::MOST_RAIN['value']),
            $teller === null ? null : TellerKind::from($teller),
            $row->optional('name')?->text(self::LONGEST) ?? '',
            $row->optional('said')?->text(self::LONGEST) ?? '',
        );
    }

    /** As it is kept, and carried by the log. */
    public function json(): string
    {
        $row = $this->said !== '' ? ['said' => $this->said] : array_filter([
            'celsius' => $this->celsius, 'humidity' => $this->humidity, 'wind' => $this->wind, 'rain' => $this->rain, 'teller' => $this->teller?->value, 'name' => $this->name === '' ? null : $this->name,
        ], static fn(float|string|null $value): bool => $value !== null);

        return json_encode($row, \JSON_THROW_ON_ERROR | \JSON_UNESCAPED_UNICODE | \JSON_UNESCAPED_SLASHES | \JSON_PRESERVE_ZERO_FRACTION);
    }
}
