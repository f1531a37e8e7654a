<?php

declare(strict_types=1);

namespace App\Console;

use IdleMixer\Core\Ask\LeafPhotos;
use IdleMixer\Core\Data\PhotoLines;
use IdleMixer\Core\Failure;
use IdleMixer\Core\Photo\RefusedPicture;
use IdleMixer\Core\Words\Say;

final class LeafCommand extends SaidCommand
{
    use PrintsDocuments;

    protected $signature = 'mixer:leaf {photo} {--before=} {--json}';

    public function handle(): int
    {
        try {
            $before = $this->option('before');
            $document = LeafPhotos::answer(self::bytes($this->argument('photo'), '/photo'), $before === null ? null : self::bytes($before, '/before'));
        } catch (Failure $failure) {
            $this->printJson(['error' => ['path' => $failure->path(), 'message' => $failure->getMessage()]]);

            return self::FAILURE;
        }
        $this->printJson($document);

        return self::SUCCESS;
    }

    /** @throws RefusedPicture when the file cannot be read */
    private static function bytes(mixed $file, string $path): string
    {
        // One byte more than is allowed is enough to know that it is too much.
        $limit = PhotoLines::MOST_BYTES['value'] + 1;
        $bytes = $file === '-' ? stream_get_contents(STDIN, $limit) : (is_string($file) && is_file($file) && is_readable($file) ? file_get_contents($file, false, null, 0, $limit) : false);
        if ($bytes === false) {
            throw RefusedPicture::because('no-file', Say::it('console/leaf-command.file-cannot-be-read-give'), $path);
        }

        return $bytes;
    }
}
