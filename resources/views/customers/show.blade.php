@extends('layouts.house')
@use('App\Words\Labels')
@section('title', $customer->name)
@section('body')
<div class="page wide"><main class="sheet" id="sheet">
    <div class="head"><h1>{{ $customer->name }}</h1><a class="button plain" href="/customers">All customers</a></div>
    @if(session('note'))<p class="note" role="status">{{ session('note') }}</p>@endif
    <form method="post" action="/customers/{{ $customer->id }}" class="fields wide mt-4">@csrf
        <div class="field">
            <label for="name">Name</label>
            <input id="name" name="name" value="{{ old('name', $customer->name) }}" maxlength="120" required>
            <x-field-error name="name" />
        </div>
        <div class="field">
            <label for="address">Address for letters</label>
            <textarea id="address" name="address" rows="3" maxlength="300">{{ old('address', $customer->address) }}</textarea>
            <x-field-error name="address" />
        </div>
        <div class="field">
            <label for="email">E-mail</label>
            <input id="email" name="email" type="email" value="{{ old('email', $customer->email) }}" maxlength="160">
            <x-field-error name="email" />
        </div>
        <div class="field">
            <label for="phone">Phone</label>
            <input id="phone" name="phone" value="{{ old('phone', $customer->phone) }}" maxlength="60">
            <x-field-error name="phone" />
        </div>
        <div class="field">
            <label for="asked-by">Wants to be asked</label>
            <select id="asked-by" name="asked_by">
                <option value="">as it comes</option>
                @foreach($routes as $route)
                    <option value="{{ $route->value }}" @selected(old('asked_by', $customer->asked_by) === $route->value)>
                        {{ __('offer.by.'.$route->value) }}
                    </option>
                @endforeach
            </select>
            <x-field-error name="asked_by" />
        </div>
        @can('answer-for-customer')<p><button class="button">Keep it</button></p>@endcan
    </form>
    <h2>What they brought</h2>
    @if($rows === [])<p class="soft">Nothing yet.</p>@else
    <div class="scroll-x" tabindex="0" role="region" aria-label="Jobs">
        <table class="ledger">
            <thead>
                <tr>
                    <th scope="col">Tag</th>
                    <th scope="col">Engine</th>
                    <th scope="col">Verdict</th>
                    <th scope="col">Stage</th>
                    <th scope="col">Waits for</th>
                </tr>
            </thead>
            <tbody>
    @foreach($rows as $row)
        <tr>
            <td><a class="row-link" href="{{ $row->url }}"><span class="tag">{{ $row->tag }}</span></a></td>
            <td><b>{{ $row->engine }}</b><br><span class="soft">{{ $row->what }} · <span class="num">{{ $row->serial }}</span></span></td>
            <td>{{ $row->headline }}</td>
            <td>{{ Labels::code($row->stage) }}</td>
            <td>{{ $row->waitsFor }}</td>
        </tr>
    @endforeach
    </tbody></table></div>@endif
    @can('answer-for-customer')
    @if($others->isNotEmpty())
    <h2>Entered twice</h2>
    <form method="post" action="/customers/{{ $customer->id }}/merge" class="fields inline-fields">@csrf
        <div class="field">
            <label for="other">The same as</label>
            <select id="other" name="other">
                <option value="">choose</option>
                @foreach($others as $other)<option value="{{ $other->id }}">{{ $other->name }}</option>@endforeach
            </select>
            <x-field-error name="other" />
        </div>
        <p><button class="button plain">Make them one</button></p></form>
    @endif
    @endcan
</main></div>
@endsection
