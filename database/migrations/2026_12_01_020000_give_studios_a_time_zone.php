<?php

declare(strict_types=1);

use Illuminate\Database\Migrations\Migration;
use Illuminate\Database\Schema\Blueprint;
use Illuminate\Support\Facades\Schema;

/** Where the clock of a studio hangs, as the IANA names it; not said until somebody signs in whose browser does. */
return new class () extends Migration {
    public function up(): void
    {
        Schema::table('studios', function (Blueprint $table): void {
            $table->string('zone', 64)->default('');
        });
    }

    public function down(): void
    {
        Schema::table('studios', function (Blueprint $table): void {
            $table->dropColumn('zone');
        });
    }
};
