<?php

declare(strict_types=1);

namespace App\Door;

use App\People\PasswordKind;
use App\People\Role;
use App\Security\OneTimePassword;
use App\Security\SecondFactor;
use App\Security\SecurityEvent;
use App\Security\SecurityLog;
use App\Security\Sessions;
use App\Storage\AccessRules;
use App\Storage\User;
use Illuminate\Contracts\View\View;
use Illuminate\Http\RedirectResponse;
use Illuminate\Support\Facades\DB;
use Illuminate\Validation\ValidationException;

/** Who may come in, as what, and how: the owner's page. Nobody is ever deleted: the name stays on what was signed. */
final class PeopleController
{
    public function __construct(private readonly SecurityLog $log)
    {
    }

    public function index(): View
    {
        return view('door.people', [
            'people' => User::query()->whereNull('foreign_identity')->orderByRaw('locked_at IS NOT NULL')->orderBy('name')->get(),
            'foreign' => User::query()->whereNotNull('foreign_identity')->orderBy('name')->pluck('name')->all(),
            'rules' => AccessRules::inForce(),
            'roles' => Role::cases(),
        ]);
    }

    public function store(PersonRequest $request): RedirectResponse
    {
        /** @var array{login: string, name: string, role: string} $said */
        $said = $request->validated();
        $role = Role::from($said['role']);
        $password = OneTimePassword::make();
        $person = User::query()->create([
            'login' => $said['login'],
            'name' => $said['name'],
            'role' => $role,
            'password' => $password,
            'password_kind' => PasswordKind::OneTime,
            'sees_prices' => $role !== Role::Machinist,
        ]);
        $this->log->write(SecurityEvent::PersonAdded, $person, ['role' => $role->value]);

        return $this->shown($person, $password);
    }

    public function update(ChangePersonRequest $request, User $person): RedirectResponse
    {
        $role = $request->role();
        DB::transaction(function () use ($request, $person, $role): void {
            if ($role !== Role::Owner) {
                $this->leaveAnOwner($person);
            }
            $person->update(['name' => $request->name(), 'role' => $role, 'sees_prices' => $request->boolean('sees_prices')]);
        });
        $this->log->write(SecurityEvent::PersonChanged, $person, ['role' => $role->value, 'sees_prices' => $person->sees_prices]);

        return $this->back(__('door.note.changed', ['name' => $person->name]));
    }

    public function lock(User $person): RedirectResponse
    {
        DB::transaction(function () use ($person): void {
            $this->leaveAnOwner($person);
            $person->locked_at = now();
            $person->save();
        });
        (new Sessions($person))->endAllBut();
        $this->log->write(SecurityEvent::PersonLocked, $person);

        return $this->back(__('door.note.locked', ['name' => $person->name]));
    }

    public function unlock(User $person): RedirectResponse
    {
        $person->locked_at = null;
        $person->save();
        $this->log->write(SecurityEvent::PersonUnlocked, $person);

        return $this->back(__('door.note.unlocked', ['name' => $person->name]));
    }

    public function password(User $person): RedirectResponse
    {
        $password = OneTimePassword::make();
        $person->update(['password' => $password, 'password_kind' => PasswordKind::OneTime]);
        (new Sessions($person))->endAllBut();
        $this->log->write(SecurityEvent::OneTimePasswordGiven, $person);

        return $this->shown($person, $password);
    }

    public function endSessions(User $person): RedirectResponse
    {
        $ended = (new Sessions($person))->endAllBut();
        $this->log->write(SecurityEvent::SessionsEnded, $person, ['ended' => $ended]);

        return $this->back(__('door.note.ended', ['name' => $person->name]));
    }

    public function removeSecondFactor(User $person): RedirectResponse
    {
        (new SecondFactor($person))->remove();
        $this->log->write(SecurityEvent::SecondFactorRemoved, $person);

        return $this->back(__('door.note.factor_gone', ['name' => $person->name]));
    }

    public function rules(AccessRulesRequest $request): RedirectResponse
    {
        $rules = $request->stated();
        $rules->keep();
        $this->log->write(SecurityEvent::AccessRulesChanged, null, ['rules' => (string) json_encode($rules)]);

        return $this->back(__('door.note.rules'));
    }

    /** A shop without anybody who can let people in is shut for good. */
    private function leaveAnOwner(User $person): void
    {
        $owners = User::query()->where('role', Role::Owner)->whereNull('locked_at')->lockForUpdate()->pluck('id');
        if ($owners->all() === [$person->id]) {
            throw ValidationException::withMessages([
                'person' => __('door.only_owner', ['name' => $person->name]),
            ]);
        }
    }

    private function shown(User $person, string $password): RedirectResponse
    {
        return redirect()
            ->route('people')
            ->with('given', ['name' => $person->name, 'login' => $person->login, 'password' => $password]);
    }

    private function back(string $note): RedirectResponse
    {
        return redirect()->route('people')->with('note', $note);
    }
}
