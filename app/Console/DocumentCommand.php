<?php

declare(strict_types=1);

namespace App\Console;

use IdleMixer\Core\Document\InvalidDocument;
use IdleMixer\Core\Document\JsonText;
use IdleMixer\Core\Failure;
use IdleMixer\Core\Words\Say;

/** A question that is asked with a file, or on standard input, and answered with one document and nothing else. */
abstract class DocumentCommand extends SaidCommand
{
    use PrintsDocuments;

    /**
     * @param callable(string): (object|array<string, mixed>) $answer
     * @param callable(object|array<string, mixed>): void     $tell   in words, where nobody asked for the document
     */
    protected function respond(callable $answer, ?callable $tell = null): int
    {
        try {
            $document = $answer($this->text());
        } catch (Failure $failure) {
            $this->printJson(['error' => ['path' => $failure->path(), 'message' => $failure->getMessage()]]);

            return self::FAILURE;
        }
        (bool) $this->option('json') || $tell === null ? $this->printJson($document) : $tell($document);

        return self::SUCCESS;
    }

    /** @throws InvalidDocument when the file cannot be read, or is too large */
    private function text(): string
    {
        $file = $this->argument('file');
        $file = is_string($file) ? $file : '';
        // One byte more than is allowed is enough to know that it is too much.
        $limit = JsonText::MAX_BYTES + 1;
        $text = $file === '-' ? stream_get_contents(\STDIN, $limit) : (is_file($file) && is_readable($file) ? file_get_contents($file, false, null, 0, $limit) : false);
        if ($text === false) {
            throw InvalidDocument::because('', Say::it('console/document-command.file-cannot-be-read-give'), $file);
        }

        return $text;
    }
}
