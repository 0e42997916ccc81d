<?php

declare(strict_types=1);

use App\Interchange\Answers\Answers;
use App\Interchange\Answers\KeptCalibrations;
use App\Interchange\Answers\ModelVersion;
use Illuminate\Support\Facades\File;
use Pensilis\Resin\CalibratedResin;
use Tests\Plans;
use Tests\SharedCalibrations;

beforeEach(function (): void {
    $this->folder = sys_get_temp_dir() . '/pensilis-models-' . getmypid();
    File::ensureDirectoryExists("{$this->folder}/Thermal");
    File::put("{$this->folder}/Thermal/Model.php", '<?php // one');
});

afterEach(fn() => File::deleteDirectory($this->folder));

it('forgets a kept answer once a file of the models is another', function (Closure $change): void {
    $piece = $this->pieceOf($this->member(), Plans::coneWithPours());
    $answers = fn(): Answers => new Answers(new SharedCalibrations(), new ModelVersion($this->folder));
    $found = $answers()->find($piece, $piece->studio->members()->sole());
    expect($answers()->kept($piece))->toEqual($found)->not->toBeNull();
    $change($this->folder);
    expect($answers()->kept($piece))->toBeNull();
})->with([
    'changed' => [fn(string $folder) => File::put("{$folder}/Thermal/Model.php", '<?php // another')],
    'touched' => [fn(string $folder) => touch("{$folder}/Thermal/Model.php", time() + 5)],
    'added'   => [fn(string $folder) => File::put("{$folder}/Another.php", '')],
    'removed' => [fn(string $folder) => File::delete("{$folder}/Thermal/Model.php")],
]);

it('calibrates a resin anew once the models are others', function (): void {
    $resin = Plans::read([], Plans::coneWithPours())->resin();
    $store = fn(): KeptCalibrations => new KeptCalibrations(new ModelVersion($this->folder));
    $calibrated = $store()->calibrated($resin);
    $kept = fn(): bool => Cache::has('calibration:' . (new ModelVersion($this->folder))->hash() . ':' . hash('xxh128', serialize($resin)));
    expect($calibrated)->toBeInstanceOf(CalibratedResin::class)
        ->and($kept())->toBeTrue();
    File::put("{$this->folder}/Thermal/Model.php", '<?php // another');
    expect($kept())->toBeFalse();
});
