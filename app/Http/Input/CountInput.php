<?php

declare(strict_types=1);

namespace App\Http\Input;

use DateTimeImmutable;
use IdleMixer\Core\Document\InvalidDocument;
use IdleMixer\Core\Document\Node;
use IdleMixer\Core\Evidence\Look;
use IdleMixer\Core\Evidence\LookPlans;
use IdleMixer\Core\Evidence\LookReader;
use IdleMixer\Core\Trouble\Enemies;

/** One look at the pest of a case. */
final readonly class CountInput
{
    private const LONGEST_NOTE = 1000;

    private const LONGEST_SPOTS = 500;

    public function __construct(
        public Sent $sent,
        public DateTimeImmutable $countedAt,
        public Look $look,
        public bool $untreated,
        public string $notes,
        /** Where it was counted, in the words of who counts; null where nothing new was said. */
        public ?string $spots,
    ) {}

    /**
     * @param string    $pest  slug
     * @param LookPlans $plans   how it is looked at
     * @param Enemies   $enemies that may be seen beside it
     *
     * @throws InvalidDocument with the path of the first fault found
     */
    public static function read(Node $node, string $pest, LookPlans $plans, Enemies $enemies, DateTimeImmutable $now, bool $correcting = false): self
    {
        $sent = Sent::opened($node, ['countedAt', ...LookReader::KEYS, 'untreated', 'notes', 'spots'], $correcting);
        $object = $sent->object;

        return new self(
            $sent,
            Moment::past($object->optional('countedAt'), $now),
            LookReader::read($object, $plans->of($pest), $enemies),
            $object->optional('untreated')?->flag() ?? false,
            $object->optional('notes')?->text(self::LONGEST_NOTE) ?? '',
            $object->optional('spots')?->line(self::LONGEST_SPOTS),
        );
    }

    /** @return array<string, mixed> as they are kept */
    public function columns(): array
    {
        return [
            'counted_at' => $this->countedAt,
            'value' => $this->look->value,
            'untreated' => $this->untreated,
            'notes' => $this->notes,
            'each' => $this->look->each === null ? null : json_encode($this->look->each, \JSON_THROW_ON_ERROR),
            'stages' => $this->look->stages === [] ? null : json_encode($this->look->stages, \JSON_THROW_ON_ERROR),
            'new_growth' => match ($this->look->newClean) {
                true => 'clean',
                false => 'hit',
                null => null,
            },
            'helpers' => $this->look->helpers === null ? null : json_encode((object) $this->look->helpers, \JSON_THROW_ON_ERROR),
        ];
    }
}
