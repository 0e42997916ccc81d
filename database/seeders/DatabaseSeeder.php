<?php

declare(strict_types=1);

namespace Database\Seeders;

use App\Interchange\PlanFile\PlanFile;
use App\Models\Piece;
use App\Models\Studio;
use App\Models\User;
use Illuminate\Database\Seeder;
use Illuminate\Support\Str;

/** A studio in a hill village that casts finds from the moor; its password is made here and told once. */
final class DatabaseSeeder extends Seeder
{
    public const EMAIL = 'bench@studio.example';

    public function run(): void
    {
        $password = Str::password(14, symbols: false);
        $zone = config()->string('pensilis.demo_zone');
        $studio = Studio::query()->create(['name' => 'The moor studio', 'units' => 'metric', 'zone' => $zone]);
        $user = User::query()->create(['studio_id' => $studio->id, 'email' => self::EMAIL, 'password' => $password]);
        foreach (DemoPieces::all(
            $studio->now()->startOfWeek()->addWeek()->format('Y-m-d'),
            $studio->now()->startOfWeek()->format('Y-m-d'),
            $studio->now()->startOfWeek()->subWeeks(3)->format('Y-m-d'),
        ) as $document) {
            /** @var Piece $piece */
            $piece = $studio->pieces()->make();
            PlanFile::sound($document);
            $piece->hold($document)->save();
        }
        DemoShelf::fill($studio);
        DemoWork::of($studio, $user);
        $said = 'Sign in as ' . self::EMAIL . " with the password {$password}";
        $file = config()->string('pensilis.sign_in_file');
        file_put_contents($file, "{$said}\n");
        chmod($file, 0o600);
    }
}
