<?php

declare(strict_types=1);

use Illuminate\Database\Migrations\Migration;
use Illuminate\Database\Schema\Blueprint;
use Illuminate\Support\Facades\Schema;

/** What the hand does in one go is undone as one. */
return new class () extends Migration {
    public function up(): void
    {
        Schema::table('piece_states', function (Blueprint $table): void {
            $table->string('go', 36)->nullable();
        });
    }

    public function down(): void
    {
        Schema::table('piece_states', function (Blueprint $table): void {
            $table->dropColumn('go');
        });
    }
};
