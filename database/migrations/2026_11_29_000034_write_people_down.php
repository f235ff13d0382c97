<?php

declare(strict_types=1);

use Illuminate\Database\Migrations\Migration;
use Illuminate\Database\Schema\Blueprint;
use Illuminate\Support\Facades\DB;
use Illuminate\Support\Facades\Schema;

/**
 * Who was let in as what, and when that changed. The database writes it itself, whoever changes a person, and by whatever way; what is
 * written only ever grows, and is sealed with the other books of the house.
 */
return new class extends Migration
{
    /** Column, and what it says of a person. */
    private const SAID = [
        'user_id' => '%sid',
        'login' => '%slogin',
        'name' => '%sname',
        'role' => '%srole',
        'sees_prices' => '%ssees_prices',
        'is_locked' => '%slocked_at IS NOT NULL',
        'password_digest' => 'SHA2(%spassword, 256)',
        'foreign_identity' => '%sforeign_identity',
    ];

    private const TOLD_WHEN = ['login', 'name', 'role', 'sees_prices', 'locked_at', 'password', 'foreign_identity'];

    public function up(): void
    {
        Schema::create('people_events', function (Blueprint $table): void {
            $table->id();
            $table->unsignedBigInteger('user_id')->index();
            $table->string('login', 120);
            $table->string('name', 120);
            $table->string('role', 40);
            $table->boolean('sees_prices');
            $table->boolean('is_locked');
            $table->char('password_digest', 64);
            $table->text('foreign_identity')->nullable();
            $table->timestamp('created_at', 3);
        });
        DB::unprepared($this->insert('').' FROM users ORDER BY id');
        $isOther = static fn (string $one): string => "NOT (BINARY NEW.{$one} <=> BINARY OLD.{$one})";
        $changes = implode(' OR ', array_map($isOther, self::TOLD_WHEN));
        DB::unprepared('CREATE TRIGGER users_tell_insert AFTER INSERT ON users FOR EACH ROW '.$this->insert('NEW.'));
        DB::unprepared(
            "CREATE TRIGGER users_tell_update AFTER UPDATE ON users FOR EACH ROW IF {$changes} THEN {$this->insert('NEW.')}; END IF",
        );
        foreach (['UPDATE', 'DELETE'] as $act) {
            DB::unprepared(
                'CREATE TRIGGER people_events_refuse_'.strtolower($act)." BEFORE {$act} ON people_events FOR EACH ROW ".
                    'IF @brings_rows_along IS NULL THEN '.
                    "SIGNAL SQLSTATE '45000' SET MESSAGE_TEXT = 'people_events only ever grows: add a row that corrects it'; END IF",
            );
        }
    }

    public function down(): void
    {
        DB::unprepared('DROP TRIGGER IF EXISTS users_tell_insert');
        DB::unprepared('DROP TRIGGER IF EXISTS users_tell_update');
        Schema::drop('people_events');
    }

    private function insert(string $of): string
    {
        $columns = implode(', ', array_keys(self::SAID));
        $said = array_map(static fn (string $column): string => sprintf($column, $of), self::SAID);

        return "INSERT INTO people_events ({$columns}, created_at) SELECT ".implode(', ', $said).', NOW(3)';
    }
};
