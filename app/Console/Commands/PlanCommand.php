<?php

declare(strict_types=1);

namespace App\Console\Commands;

use App\Interchange\PlanFile\EmbeddedMeshes;
use App\Interchange\PlanFile\MeshFiles;
use App\Interchange\PlanFile\PlanFile;
use App\Words\Words;
use Illuminate\Console\Command;
use Pensilis\Exception\PensilisException;
use Pensilis\Finding\Code;
use Pensilis\Finding\Finding;
use Pensilis\Plan\Plan;
use Pensilis\PlanFile\PlanRefused;
use Symfony\Component\Console\Output\ConsoleOutputInterface;

/** What the commands on plan files share: reading, refusing, writing. */
abstract class PlanCommand extends Command
{
    protected const BAD_INPUT = 2;

    protected const INFEASIBLE = 3;

    private const MOST_PROBLEMS = 50;

    /** @var array<string, mixed> the plan file that was read last */
    protected array $document = [];

    /** @return array{array<string, mixed>, int} the answer and the exit code */
    abstract protected function answer(Plan $plan): array;

    public function handle(): int
    {
        try {
            $file = $this->argument('file');
            [$answer, $code] = $this->answer($this->planIn(is_string($file) ? $file : ''));
        } catch (PlanRefused $refusal) {
            return $this->refuse($refusal->problems);
        } catch (PensilisException $failure) {
            return $this->refuse([Finding::because(Code::NotComputable, '', $failure->fact())]);
        }
        $this->write($answer);

        return $code;
    }

    /** @param list<Finding> $problems */
    protected function refuse(array $problems): int
    {
        $this->complain($problems);

        return self::BAD_INPUT;
    }

    /** @param list<Finding> $findings one line each on standard error */
    protected function complain(array $findings): void
    {
        $output = $this->output->getOutput();
        $errors = $output instanceof ConsoleOutputInterface ? $output->getErrorOutput() : $output;
        $words = Words::metric();
        foreach (array_slice($findings, 0, self::MOST_PROBLEMS) as $finding) {
            $place = $finding->pointer === '' ? '/' : $finding->pointer;
            $errors->writeln(str_replace(["\n", "\r"], ' ', "{$place}: {$words->finding($finding)}"), ConsoleOutputInterface::OUTPUT_RAW);
        }
        if (count($findings) > self::MOST_PROBLEMS) {
            $errors->writeln('and ' . (count($findings) - self::MOST_PROBLEMS) . ' more');
        }
    }

    /** @param array<string, mixed> $answer */
    protected function write(array $answer): void
    {
        $flags = JSON_PRESERVE_ZERO_FRACTION | JSON_UNESCAPED_UNICODE | JSON_UNESCAPED_SLASHES | JSON_THROW_ON_ERROR
            | ($this->option('pretty') === true ? JSON_PRETTY_PRINT : 0);
        $this->output->writeln(json_encode($answer, $flags), ConsoleOutputInterface::OUTPUT_RAW);
    }

    /** @throws PlanRefused */
    protected function planIn(string $file): Plan
    {
        $embedded = new EmbeddedMeshes();
        $this->document = PlanFile::decode(self::textIn($file), $embedded);
        // Meshes are looked for beside the plan file; none where it comes from standard input.
        $meshes = new MeshFiles($file === '-' ? null : dirname($file), $embedded);

        return PlanFile::plan($this->document, $meshes);
    }

    /** @throws PlanRefused */
    protected function text(string $argument): string
    {
        $file = $this->argument($argument);

        return self::textIn(is_string($file) ? $file : '');
    }

    /** @throws PlanRefused */
    private static function textIn(string $file): string
    {
        $most = config()->integer('pensilis.largest_file') + 1;
        if ($file !== '-' && (!is_file($file) || !is_readable($file))) {
            throw new PlanRefused([Finding::of(Code::NoFile, '', names: ['file' => $file])]);
        }
        $text = $file === '-' ? stream_get_contents(STDIN) : file_get_contents($file, false, null, 0, max(1, $most));

        return $text === false ? '' : $text;
    }
}
