<?php

declare(strict_types=1);

use Illuminate\Database\Migrations\Migration;
use Illuminate\Database\Schema\Blueprint;
use Illuminate\Support\Facades\Schema;

return new class () extends Migration {
    public function up(): void
    {
        Schema::table('pieces', function (Blueprint $table): void {
            $table->unsignedInteger('state')->default(0);
        });
        Schema::create('piece_states', function (Blueprint $table): void {
            $table->id();
            $table->foreignUlid('piece_id')->constrained()->cascadeOnDelete();
            $table->unsignedInteger('number');
            $table->longText('document');
            $table->unique(['piece_id', 'number']);
        });
    }

    public function down(): void
    {
        Schema::dropIfExists('piece_states');
        Schema::table('pieces', fn(Blueprint $table) => $table->dropColumn('state'));
    }
};
