<?php

declare(strict_types=1);

namespace App\Console\Commands;

use App\Models\SignIn;
use Illuminate\Console\Command;
use Illuminate\Support\Facades\DB;
use SplFileInfo;
use Symfony\Component\Finder\Finder;

/** Throws away what has had its time: answers that nobody asks for, keys of forms, browsers long closed. bin/serve does it every hour. */
final class Prune extends Command
{
    /** A file of the cache begins with the second at which it is over, in so many digits. */
    private const STAMP = 10;

    private const PRESS_DAYS = 2;

    protected $signature = 'pensilis:prune {--most= : Megabytes of kept answers that may stay; the setting says how many}';

    protected $description = 'Throw away what has had its time';

    public function handle(): int
    {
        $most = $this->option('most') ?? config()->integer('pensilis.kept_megabytes');
        if (!is_numeric($most) || $most < 0) {
            $this->error(__('asked.prune.most'));

            return 2;
        }
        [$files, $bytes] = $this->pruneCache(1e6 * (float) $most);
        $presses = DB::table('presses')->where('created_at', '<', now()->subDays(self::PRESS_DAYS))->delete();
        $signIns = DB::table('sign_ins')->where('seen_at', '<', now()->subMinutes(SignIn::lifetime()))->delete();
        $this->line(__('said.pruned', ['files' => $files, 'megabytes' => round($bytes / 1e6, 1), 'keys' => $presses + $signIns]));

        return self::SUCCESS;
    }

    /** @return array{int, int} files and bytes that went: first what is over, then the oldest until the rest fits */
    private function pruneCache(float $most): array
    {
        $folder = storage_path('framework/cache/data');
        [$files, $bytes, $left, $now] = [0, 0, [], now()->getTimestamp()];
        foreach (is_dir($folder) ? Finder::create()->files()->in($folder)->sortByModifiedTime() : [] as $file) {
            $stamp = @file_get_contents($file->getPathname(), length: self::STAMP);
            if (is_string($stamp) && ctype_digit($stamp) && (int) $stamp < $now) {
                [$files, $bytes] = [$files + 1, $bytes + $this->remove($file)];
            } else {
                $left[] = $file;
            }
        }
        $size = array_sum(array_map(fn(SplFileInfo $file): int => (int) @filesize($file->getPathname()), $left));
        foreach ($left as $file) {
            if ($size <= $most) {
                break;
            }
            $went = $this->remove($file);
            [$files, $bytes, $size] = [$files + 1, $bytes + $went, $size - $went];
        }

        return [$files, $bytes];
    }

    private function remove(SplFileInfo $file): int
    {
        $size = (int) @filesize($file->getPathname());

        return @unlink($file->getPathname()) ? $size : 0;
    }
}
