<?php

declare(strict_types=1);

namespace App\Http\Input;

use App\Models\WeatherReport;
use DateTimeImmutable;
use IdleMixer\Core\Data\InputLines;
use IdleMixer\Core\Document\InvalidDocument;
use IdleMixer\Core\Document\Node;
use IdleMixer\Core\Weather\DoorReader;
use IdleMixer\Core\Weather\HoursFile;
use IdleMixer\Core\Weather\HoursWriter;
use IdleMixer\Core\Weather\ToldHour;

/** Weather as somebody tells it. */
final readonly class WeatherInput
{
    /** @param list<ToldHour> $hours earliest first */
    private function __construct(public Sent $sent, private string $source, private string $name, private array $hours, private DateTimeImmutable $toldAt) {}

    /** @throws InvalidDocument with the path of the first fault found */
    public static function door(Node $node, DoorReader $reader, DateTimeImmutable $now): self
    {
        $sent = Sent::opened($node, ['text'], false);
        $text = trim($sent->object->get('text')->text(InputLines::LONGEST_PHRASE['value'], 1));

        return new self($sent, WeatherReport::DOOR, $text, [$reader->read($text, $now->getTimestamp(), '/text')], $now);
    }

    /** @throws InvalidDocument with the path of the first fault found; within the file after `/content` */
    public static function file(Node $node, HoursFile $reader, DateTimeImmutable $now): self
    {
        $sent = Sent::opened($node, ['name', 'content'], false);
        $content = $sent->object->get('content');
        try {
            $hours = $reader->read($content->text(InputLines::LONGEST_DOCUMENT['value'], 1));
        } catch (InvalidDocument $fault) {
            throw $fault->under('/content');
        }

        return new self($sent, WeatherReport::FILE, trim($sent->object->get('name')->line(InputLines::LONGEST_NAME['value'], 1)), $hours, $now);
    }

    /** @return array<string, mixed> as they are kept */
    public function columns(): array
    {
        return [
            'source' => $this->source,
            'name' => $this->name,
            'hours' => json_encode(HoursWriter::write($this->hours), \JSON_THROW_ON_ERROR | \JSON_PRESERVE_ZERO_FRACTION),
            'told_at' => $this->toldAt,
        ];
    }
}
