<?php

declare(strict_types=1);

namespace App\Console;

use IdleMixer\Core\Bench\BenchReader;
use IdleMixer\Core\Document\InvalidDocument;
use IdleMixer\Core\Document\JsonText;
use IdleMixer\Core\Failure;
use IdleMixer\Core\Plan\Planner;
use IdleMixer\Core\Writing\PlanWriter;
use IdleMixer\Core\Writing\WrittenPlan;
use Illuminate\Console\Command;

final class PlanCommand extends Command
{
    protected $signature = 'mixer:plan {file : a plan request, or - for standard input} {--json : print the plan document}';

    protected $description = 'Work out a plan from a plan request';

    public function handle(BenchReader $reader, Planner $planner, PlanWriter $writer): int
    {
        try {
            $plan = $planner->plan($reader->request(JsonText::parse($this->text())));
            $document = $writer->write($plan);
        } catch (Failure $failure) {
            $this->printJson(['error' => ['path' => $failure->path(), 'message' => $failure->getMessage()]]);

            return self::FAILURE;
        }
        if ((bool) $this->option('json')) {
            $this->printJson($document);
        } else {
            $this->line($document->spoken->make . ' in ' . $document->spoken->loads . ': ' . implode(', ', $document->spoken->strength));
            foreach ($document->steps as $i => $step) {
                $this->line(($i + 1) . '. ' . $step);
            }
            foreach ($document->verdicts as $verdict) {
                $this->line("[{$verdict->level}] {$verdict->because}");
            }
        }

        return self::SUCCESS;
    }

    /** @throws InvalidDocument when the file cannot be read */
    private function text(): string
    {
        $file = $this->argument('file');
        $file = is_string($file) ? $file : '';
        // One byte more than is allowed is enough to know that it is too much.
        $limit = JsonText::MAX_BYTES + 1;
        $text = $file === '-' ? stream_get_contents(\STDIN, $limit) : (is_file($file) && is_readable($file) ? file_get_contents($file, false, null, 0, $limit) : false);
        if ($text === false) {
            throw InvalidDocument::because('', 'The file {found} cannot be read. Give the path of a plan request, or - for standard input.', $file);
        }

        return $text;
    }

    /** @param WrittenPlan|array<string, mixed> $document */
    private function printJson(WrittenPlan|array $document): void
    {
        $this->output->write(json_encode($document, \JSON_PRETTY_PRINT | \JSON_UNESCAPED_UNICODE | \JSON_UNESCAPED_SLASHES | \JSON_THROW_ON_ERROR) . "\n", false, \Symfony\Component\Console\Output\OutputInterface::OUTPUT_RAW);
    }
}
