// A live connection that tests speak through.
export const opened = []

export const createConsumer = () => ({
  subscriptions: {
    create(identifier, heard) {
      const subscription = {
        identifier,
        ...heard,
        performed: [],
        perform(...sent) {
          this.performed.push(sent)
        }
      }
      opened.push(subscription)
      return subscription
    }
  }
})
