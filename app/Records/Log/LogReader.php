<?php

declare(strict_types=1);

namespace App\Records\Log;

use DateTimeImmutable;
use IdleMixer\Core\Document\InvalidDocument;
use IdleMixer\Core\Document\JsonStream;
use IdleMixer\Core\Document\Node;

/** Takes in the log of another notebook. What is here already stays as it is; all of it or nothing: call it inside a transaction. */
final readonly class LogReader
{
    /** Bytes of one plant, batch, test or case. */
    private const LONGEST_ENTRY = 8_000_000;

    public function __construct(private PlantEntries $plants, private BatchEntries $batches, private TestEntries $tests, private CaseEntries $cases, private TrialEntries $trials) {}

    /**
     * @param resource $file
     *
     * @return array<string, int> how many of each were new here
     *
     * @throws InvalidDocument with the path of the first fault found
     */
    public function take($file, DateTimeImmutable $now): array
    {
        $taken = ['plants' => 0, 'batches' => 0, 'leafTests' => 0, 'cases' => 0, 'rounds' => 0, 'counts' => 0, 'trials' => 0];
        $announced = [];
        foreach ((new JsonStream($file, self::LONGEST_ENTRY))->entries() as $path => $entry) {
            $list = explode('/', $path)[1];
            if (count($announced) < 2 && ! in_array($list, ['format', 'version'], true)) {
                throw InvalidDocument::because('', 'This is no log: its format and version are to come first.', null);
            }
            match ($list) {
                'format' => $announced[$entry->word([LogWriter::FORMAT], 'format')] = true,
                'version' => $announced[$entry->whole(LogWriter::VERSION, LogWriter::VERSION)] = true,
                'plants' => $taken['plants'] += $this->plants->take($entry),
                'batches' => $taken['batches'] += $this->batches->take($entry, $now),
                'leafTests' => $taken['leafTests'] += $this->tests->take($entry, $now),
                'cases' => $this->case($entry, $now, $taken),
                'trials' => $taken['trials'] += $this->trials->take($entry, $now),
                default => throw InvalidDocument::because("/{$list}", 'Nothing is known of {found} in a log; plants, batches, leafTests, cases and trials are.', $list),
            };
        }
        if (count($announced) < 2) {
            throw InvalidDocument::because('/format', 'This is no log: ' . LogWriter::FORMAT . ' is to stand in its format.', null);
        }

        return $taken;
    }

    /** @param array<string, int> $taken */
    private function case(Node $entry, DateTimeImmutable $now, array &$taken): void
    {
        foreach ($this->cases->take($entry, $now) as $what => $new) {
            $taken[$what] = ($taken[$what] ?? 0) + $new;
        }
    }
}
