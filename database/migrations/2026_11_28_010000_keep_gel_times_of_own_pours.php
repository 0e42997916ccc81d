<?php

declare(strict_types=1);

use Illuminate\Database\Migrations\Migration;
use Illuminate\Database\Schema\Blueprint;
use Illuminate\Support\Facades\Schema;

/** When own pours of a resin gelled, and what was fitted to that. */
return new class () extends Migration {
    public function up(): void
    {
        Schema::table('supplies', function (Blueprint $table): void {
            $table->text('gel_times')->default('[]');
            $table->text('fit')->nullable();
        });
    }

    public function down(): void
    {
        Schema::table('supplies', function (Blueprint $table): void {
            $table->dropColumn(['gel_times', 'fit']);
        });
    }
};
