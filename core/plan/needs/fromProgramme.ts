import { placeKey } from '../../asked/slots'
import { zonesIn } from '../../asked/face'
import { need, needed, type NeedsOf } from './need'
import { isScrub } from '../../product/item'
import { SHOWS } from './scope'

const RULE = 'programme'

/** What belongs to what is done at all: skin cared for, one even colour, brows, and colour where the programme has it. */
export const fromProgramme: NeedsOf = ({ face, programme, scope, look, job }) => {
  const shows = zonesIn(face, ...SHOWS).filter(z => z !== 'lips' && z !== 'eye area')
  const whole = scope.base === 'all over'
  const limbs = job.limbs || 4
  return needed(
    [
      scope.prep || programme === 'eyes only',
      need(
        'programme',
        RULE,
        'cleanse',
        programme === 'eyes only' ? 'lids take colour only when they are clean' : 'everything starts on clean skin',
      ),
    ],
    [scope.prep, need('programme', RULE, 'moisturise', 'what follows lies better on cared-for skin')],
    [
      scope.prep,
      need('programme', RULE, 'lip care', 'lips soften while the rest is done', { met: item => !isScrub(item) }),
    ],
    [
      whole,
      need(
        'programme',
        RULE,
        'foundation',
        face.bareFaced ? 'a skin evened out of sight' : 'one colour from face to neck',
      ),
    ],
    [
      scope.base === 'where it shows' && shows.length > 0,
      need('programme', RULE, 'foundation', `only where something shows: ${shows.join(', ')}`, {
        where: `where it shows: ${shows.join(', ')}`,
        zones: shows,
      }),
    ],
    [
      scope.base !== 'none' && face.secondTone !== null && whole,
      need('programme', RULE, 'foundation', `the ${face.secondTone?.zone} is another depth`, {
        key: placeKey('foundation', face.secondTone?.zone ?? ''),
        where: face.secondTone?.zone,
        zones: face.secondTone ? [face.secondTone.zone] : [],
        tone: face.secondTone,
      }),
    ],
    [
      scope.brows && look.brows.is !== 'leave',
      need(
        'programme',
        'brief',
        'brows',
        look.brows.agreed
          ? `brows to ${look.brows.is}, as agreed`
          : look.brows.is === 'tidy'
            ? `brows tidied: ${look.brows.because}`
            : 'brows frame the face',
        // To tidy is to hold: a gel without colour; to fill or shape needs one.
        { met: item => (look.brows.is === 'tidy') === (item.lab === null) },
      ),
    ],
    [
      scope.body,
      need(
        'programme',
        'body-costume',
        'body',
        job.limbs > 0
          ? `${job.limbs} limb${job.limbs === 1 ? '' : 's'} to be made up, 3 ml each`
          : `body only was asked: ${limbs} limbs`,
      ),
    ],
    [
      programme === 'touch-up',
      need('programme', RULE, 'powder', 'what shines is pressed away', { where: 'where it shines' }),
    ],
  )
}
