<?php

declare(strict_types=1);

namespace App\Notebook;

use IdleMixer\Core\Words\Say;
use Illuminate\Contracts\Config\Repository;

/**
 * Whether the file that is written to is still the one that stands at its place. A file that was deleted or replaced can be
 * written to as long as it is open, and what was saved there would be gone with the server.
 */
final readonly class InPlace
{
    public function __construct(private Places $places, private Repository $config, private Copier $copier) {}

    /** @phpstan-impure the file may vanish at any time */
    public function is(): bool
    {
        $opened = $this->places->opened();

        return $opened === null || $opened->file === Places::fileAt($this->places->notebook);
    }

    /** What was saved is still in the open file: it is copied out before it is lost with the server. */
    public function gone(): StoreFault
    {
        $opened = $this->places->opened();
        $copy = $this->places->copy('vanished', substr($opened->mark ?? 'unknown', 0, 8));
        try {
            if (! is_file($copy) && ! $this->copyOut($opened->file ?? '', $copy)) {
                return new StoreFault(StoreTrouble::Vanished, Say::it('notebook/in-place.put-file-back-nothing-here'));
            }
        } catch (StoreFault $fault) {
            return new StoreFault(StoreTrouble::Vanished, Say::it('notebook/in-place.all-that-was-saved-before', ['cause' => $fault->trouble->cause()]));
        }

        return new StoreFault(StoreTrouble::Vanished, Say::it('notebook/in-place.all-that-was-saved-before.all-that-was-saved-before', ['copy' => $copy]));
    }

    private function copyOut(string $file, string $copy): bool
    {
        $turn = new Turn(is_string($path = $this->config->get('database.connections.sqlite.turn')) ? $path : '');
        $turn->take();
        $raw = "{$copy}.raw";
        try {
            Files::folder($this->places->copies);
            if (! OpenFiles::copy($file, $this->places->notebook, $raw)) {
                return false;
            }
            $this->copier->copy($raw, $copy);

            return true;
        } finally {
            Files::remove($raw);
            $turn->hand();
        }
    }
}
