<?php

declare(strict_types=1);

namespace App\Console\Commands;

use App\Models\Event;
use Illuminate\Console\Command;

/** Proves of every studio that what happened is as it was noted: each event carries the hash of all before it. */
final class VerifyRecord extends Command
{
    protected $signature = 'pensilis:verify {--pretty : Print for people}';

    protected $description = 'Prove that nothing of what happened was changed, cut out or slipped in';

    public function handle(): int
    {
        [$last, $broken, $events] = [[], [], 0];
        foreach (Event::query()->oldest('seq')->lazy() as $event) {
            $studio = $event->studio_id;
            if (!isset($broken[$studio]) && $event->hash !== $event->linked($last[$studio] ?? '')) {
                $broken[$studio] = ['studio' => $studio, 'seq' => $event->seq, 'id' => $event->id, 'piece' => $event->piece_id];
            }
            $last[$studio] = $event->hash;
            $events++;
        }
        $flags = JSON_THROW_ON_ERROR | JSON_UNESCAPED_UNICODE | ($this->option('pretty') === true ? JSON_PRETTY_PRINT : 0);
        $this->line(json_encode(['studios' => count($last), 'events' => $events, 'broken' => array_values($broken)], $flags));

        return $broken === [] ? self::SUCCESS : self::FAILURE;
    }
}
