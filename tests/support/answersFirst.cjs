const { default: Sequencer } = require('@jest/test-sequencer')

/** What is written down first: a change that it tells of need not wait for what takes long. */
module.exports = class AnswersFirst extends Sequencer {
  sort(tests) {
    const isAnswer = test => Number(test.path.includes('/tests/answers/'))
    return super.sort(tests).sort((x, y) => isAnswer(y) - isAnswer(x))
  }
}
