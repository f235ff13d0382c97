{{-- Blocks, or whole engines, to be judged: $what, and of it `address`, what one has done, and what everybody has. --}}
<h2 id="{{ $what }}s">{{ __("practice.{$what}.list") }}</h2>
<p class="soft">{{ __("practice.{$what}.how") }}</p>
<form method="post" action="{{ $address }}" class="practice-start">@csrf<x-ulid />
    <div class="field"><label for="{{ $what }}-family">Engine</label>
        <select id="{{ $what }}-family" name="family">
            @foreach($families as $family => $name)
                <option value="{{ $family }}" @selected(old('family') === $family)>{{ $name }}</option>
            @endforeach
        </select><x-field-error name="family" /></div>
    <div class="field"><label for="{{ $what }}-difficulty">How hard</label>
        <select id="{{ $what }}-difficulty" name="difficulty">
            @foreach(\NorthLedger\Core\Simulation\BlockDifficulty::cases() as $one)
                <option value="{{ $one->value }}" @selected(old('difficulty') === $one->value)>
                    {{ \App\Words\Line::ofCode('practice.difficulty', $one) }}
                </option>
            @endforeach
        </select></div>
    <div class="field"><label for="{{ $what }}-seed">{{ __("practice.{$what}.seed") }}</label>
        <input
            id="{{ $what }}-seed" name="seed" value="{{ old('seed') }}" class="num" size="10" maxlength="7" inputmode="numeric"
            autocomplete="off">
        <x-field-error name="seed" /></div>
    <button class="button">{{ __("practice.{$what}.start") }}</button>
</form>
@if($done !== [])
<ul class="topics">
@foreach($done as $one)
    <li><a href="{{ $one['address'] }}"><b>{{ $one['name'] }}</b></a> <span>{{ $one['difficulty'] }}</span>
        <span class="soft num">{{ $one['at'] }}</span> <span>{{ $one['points'] }}</span></li>
@endforeach
</ul>
@endif
@if($all !== [])
<table class="ledger">
    <thead><tr>
        <th scope="col">Name</th><th scope="col">{{ __("practice.{$what}.judged") }}</th><th scope="col">Points on average</th>
    </tr></thead>
    <tbody>
    @foreach($all as $judge)
        <tr><td>{{ $judge->name }}</td><td class="num">{{ $judge->judged }}</td><td class="num">{{ $judge->points }}</td></tr>
    @endforeach
    </tbody>
</table>
@endif
