<?php

declare(strict_types=1);

use Illuminate\Database\Migrations\Migration;
use Illuminate\Database\Schema\Blueprint;
use Illuminate\Support\Facades\Schema;

/** What new pieces of a studio begin with. */
return new class () extends Migration {
    public function up(): void
    {
        Schema::table('studios', function (Blueprint $table): void {
            $table->json('defaults')->default('{}');
        });
    }

    public function down(): void
    {
        Schema::table('studios', function (Blueprint $table): void {
            $table->dropColumn('defaults');
        });
    }
};
