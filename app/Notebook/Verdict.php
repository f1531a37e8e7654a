<?php

declare(strict_types=1);

namespace App\Notebook;

/** Says in a sentence why a notebook cannot be opened, and the way back. */
final readonly class Verdict
{
    public function __construct(private Places $places, private Copies $copies, private Salvage $salvage, private Edition $edition) {}

    public function of(Finding $found): Refused
    {
        $path = $this->places->notebook;

        return new Refused(match ($found->condition) {
            Condition::Damaged => "The notebook {$path} is damaged: {$found->detail}. {$this->readOut()} The damaged file is kept as it is.",
            Condition::Newer => "The notebook {$path} was written by a newer Idle Mixer: it is of notebook version {$found->detail}, and this one reads up to version {$this->edition->version()}. Start the newer one{$this->newest(', or go back to the newest copy that this one reads,')}",
            Condition::Emptied => "The notebook {$path} is an empty file: all that was in it is gone{$this->newest('. The way back is the newest copy,')} Without a copy, ./start --fresh begins anew.",
            Condition::Foreign => "{$path} is not a notebook of Idle Mixer: {$found->detail}. Move it elsewhere{$this->newest(', or go back to the newest copy of the notebook,')} Or begin anew with ./start --fresh, which keeps it as a copy.",
            Condition::Gone => "The notebook {$path} is gone: there was one when it was started last. Put the file back{$this->newest(', or go back to the newest copy,')} Without a copy, ./start --fresh begins anew.",
            Condition::Absent, Condition::Sound, Condition::Older => throw new \LogicException("Nothing stands in the way of opening {$path}."),
        });
    }

    private function readOut(): string
    {
        $path = $this->places->notebook;
        Files::folder($this->places->copies);
        $to = $this->places->copy('rescued', substr((string) hash_file('sha256', $path), 0, 8));
        try {
            $read = $this->salvage->out($path, $to);
        } catch (StoreFault $fault) {
            $why = $fault->trouble === StoreTrouble::Damaged ? $fault->also : "What can be read of it could not be copied out: {$fault->trouble->cause()} {$fault->trouble->remedy()}";

            return rtrim($why, '.') . $this->newest('. The way back is the newest copy,');
        }

        return "What can be read of it was copied to {$to}: {$read->words()}. The way back: ./start --restore {$to}{$this->newest(', or go back to the newest copy,')}";
    }

    /** @param string $way how a sentence goes on where there is a copy; it ends otherwise */
    private function newest(string $way): string
    {
        $newest = $this->copies->newest();

        return $newest === null ? '.' : "{$way} of " . gmdate('j F Y, H:i', (int) filemtime($newest)) . " UTC: ./start --restore {$newest}.";
    }
}
