<?php

declare(strict_types=1);

namespace App\Console\Commands;

use App\Interchange\EmbeddedMeshes;
use App\Interchange\MeshFiles;
use App\Interchange\PlanFile;
use Illuminate\Console\Command;
use Pensilis\Exception\PensilisException;
use Pensilis\Exception\PlanRefused;
use Pensilis\Plan\Notice;
use Pensilis\Plan\Plan;
use Symfony\Component\Console\Output\ConsoleOutputInterface;

/** What the four commands on plan files share: reading, refusing, writing. */
abstract class PlanCommand extends Command
{
    protected const BAD_INPUT = 2;

    protected const INFEASIBLE = 3;

    private const MOST_PROBLEMS = 50;

    /** @return array{array<string, mixed>, int} the answer and the exit code */
    abstract protected function answer(Plan $plan): array;

    public function handle(): int
    {
        try {
            $embedded = new EmbeddedMeshes();
            $document = PlanFile::decode($this->text(), $embedded);
            [$answer, $code] = $this->answer(PlanFile::plan($document, new MeshFiles($this->folder(), $embedded)));
        } catch (PlanRefused $refusal) {
            return $this->refuse($refusal->problems);
        } catch (PensilisException $failure) {
            return $this->refuse([new Notice('not-computable', "This plan cannot be computed: {$failure->getMessage()} Check its figures for one that is far off.", '')]);
        }
        $this->write($answer);

        return $code;
    }

    /** @param list<Notice> $problems */
    protected function refuse(array $problems): int
    {
        $this->complain($problems);

        return self::BAD_INPUT;
    }

    /** @param list<Notice> $notices one line each on standard error */
    protected function complain(array $notices): void
    {
        $output = $this->output->getOutput();
        $errors = $output instanceof ConsoleOutputInterface ? $output->getErrorOutput() : $output;
        foreach (array_slice($notices, 0, self::MOST_PROBLEMS) as $notice) {
            $place = $notice->pointer === '' ? '/' : $notice->pointer;
            $errors->writeln(str_replace(["\n", "\r"], ' ', "{$place}: {$notice->message}"), ConsoleOutputInterface::OUTPUT_RAW);
        }
        if (count($notices) > self::MOST_PROBLEMS) {
            $errors->writeln('and ' . (count($notices) - self::MOST_PROBLEMS) . ' more');
        }
    }

    /** @param array<string, mixed> $answer */
    protected function write(array $answer): void
    {
        $flags = JSON_PRESERVE_ZERO_FRACTION | JSON_UNESCAPED_UNICODE | JSON_UNESCAPED_SLASHES | JSON_THROW_ON_ERROR
            | ($this->option('pretty') === true ? JSON_PRETTY_PRINT : 0);
        $this->output->writeln(json_encode($answer, $flags), ConsoleOutputInterface::OUTPUT_RAW);
    }

    /** The folder of the plan file, null for standard input. */
    private function folder(): ?string
    {
        $file = $this->argument('file');

        return is_string($file) && $file !== '-' ? dirname($file) : null;
    }

    /** @throws PlanRefused */
    protected function text(): string
    {
        $file = $this->argument('file');
        $file = is_string($file) ? $file : '';
        $most = config()->integer('pensilis.largest_file') + 1;
        if ($file !== '-' && (!is_file($file) || !is_readable($file))) {
            throw new PlanRefused([new Notice('no-file', "There is no readable file “{$file}”; give the path of a plan file, or - for standard input.", '')]);
        }
        $text = $file === '-' ? stream_get_contents(STDIN) : file_get_contents($file, false, null, 0, max(1, $most));

        return $text === false ? '' : $text;
    }
}
