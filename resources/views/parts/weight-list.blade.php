{{-- A list of weights that came with the parts, beside our own. $lines, $from --}}
@if($lines !== [])
<div class="scroll-x" tabindex="0" role="region" aria-label="{{ __('weights.title') }}"><table class="ledger mt-3">
    <caption>
        {{ $from === '' ? __('weights.title') : __('weights.of', ['from' => $from]) }}. <span class="rule-id">WORK-5</span>
    </caption>
    <thead>
        <tr>
            <th scope="col">Piece</th>
            <th scope="col" class="n">theirs, g</th>
            <th scope="col" class="n">ours, g</th>
            <th scope="col" class="n">difference</th>
            <th scope="col">says</th>
        </tr>
    </thead>
    <tbody>
        @foreach($lines as $line)
            <tr>
                <th scope="row">{{ ucfirst($line->piece) }}</th>
                <td class="num n">{{ $line->theirs }}</td>
                <td class="num n">{{ $line->ours }}</td>
                <td class="num n">{{ $line->difference }}</td>
                <td class="{{ ['good' => 'ok', 'out' => 'bad'][$line->state->value] ?? 'soft' }}">
                    {{ $line->state->sign() }} {{ $line->says }}
                </td>
            </tr>
        @endforeach
    </tbody>
</table></div>
@endif
