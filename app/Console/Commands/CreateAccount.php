<?php

declare(strict_types=1);

namespace App\Console\Commands;

use App\Models\Studio;
use App\Models\User;
use App\Words\Limits;
use App\Words\Words;
use Illuminate\Console\Command;
use Illuminate\Support\Facades\DB;
use Illuminate\Support\Facades\Validator;
use Illuminate\Support\Str;

final class CreateAccount extends Command
{
    protected $signature = 'pensilis:account {email : Mail address to sign in with}
        {--studio=Studio : Name of the new studio} {--units=metric : metric or us}
        {--zone= : Its time zone, such as Europe/Lisbon; else that of the browser that signs in first}';

    protected $description = 'Open a studio with its first account; the password is made here and shown once';

    public function handle(): int
    {
        $said = [
            'email'  => mb_strtolower((string) $this->argument('email')),
            'studio' => $this->option('studio'),
            'units'  => $this->option('units'),
            'zone'   => (string) $this->option('zone'),
        ];
        $check = Validator::make($said, [
            'email'  => ['required', 'email', 'max:' . Limits::ADDRESS, 'unique:users,email'],
            'studio' => ['required', 'string', 'max:' . Limits::NAME],
            'units'  => ['required', 'in:metric,us'],
            'zone'   => ['nullable', 'timezone:All_with_BC'],
        ], Words::asked('new-account'));
        if ($check->fails()) {
            foreach ($check->errors()->all() as $message) {
                $this->error($message);
            }

            return 2;
        }
        $password = Str::password(20, symbols: false);
        DB::transaction(function () use ($said, $password): void {
            $studio = Studio::query()->create(['name' => $said['studio'], 'units' => $said['units'], 'zone' => $said['zone']]);
            User::query()->create(['studio_id' => $studio->id, 'email' => $said['email'], 'password' => $password]);
        });
        $this->line(__('said.signed', ['email' => $said['email'], 'password' => $password]));

        return self::SUCCESS;
    }
}
